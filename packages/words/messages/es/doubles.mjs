export default {
  title: '¿El mismo intento?',
  same: 'El mismo: usar el de {name}',
  two: 'Dos intentos: conservar ambos',
};
