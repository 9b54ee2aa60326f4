export default {
  name: 'Uno en cada casilla',
  say: 'Pon uno en cada casilla. Después cuéntamelos.',
  avoid: 'No llenes ninguna casilla, y deja los que sobran en su mano.',
  childDoes: 'pone uno en cada casilla y después cuenta; los que sobran quedan fuera',
  setOut: 'en un plato junto a un marco vacío',
  also: 'un marco de cinco, diez o veinte casillas: el más pequeño en que quepan todos',
  easier: 'sin marco, apartando cada uno',
  harder: 'fuera del marco, en fila',
  otherThings: 'Hueveras con corchos, un molde de magdalenas con conchas.',
  adaptations: {
    vision:
      'Un marco con paredes sobre una alfombrilla que no resbale; una mano busca la siguiente casilla vacía.',
  },
  routine: {
    wholeGroup: 'Abrigos en perchas: uno en cada una, ¿y cuántas perchas hay ocupadas?',
    smallGroup: 'Cada peque carga una barcaza con una casilla por caja.',
    freeTable: 'Marcos de cinco y de diez, y un cesto con más de lo necesario.',
  },
  sheet: 'el marco, con lo que se dijo en cada casilla',
  home: 'Un bollo en cada hueco de la bandeja.',
};
