export default {
  birthDate: 'Sin fecha, tenemos el mismo cuidado que con menores de 3 años',
  group: 'Un grupo dentro de la sala. Déjalo vacío si no hay.',
};
