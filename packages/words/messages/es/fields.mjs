export default {
  firstName: 'Nombre',
  group: 'Grupo',
  name: 'Nombre',
  room: 'Sala',
  lastName: 'Apellidos',
  countsInNow: 'Cuenta en',
};
