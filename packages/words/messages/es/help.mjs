export default {
  title: 'Ayuda',
  none: 'ninguna',
  encouraged: 'ánimo',
  prompted: 'pista',
  shown: 'se le mostró',
  guided: 'mano sobre mano',
  rides: 'su mano sobre la mía',
};
