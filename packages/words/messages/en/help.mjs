export default {
  title: 'Help',
  none: 'none',
  encouraged: 'encouraged',
  prompted: 'prompted',
  shown: 'shown how',
  guided: 'hand over hand',
  rides: 'child’s hand on mine',
};
