export default {
  name: 'Contar una fila',
  say: 'Cuéntamelos, y toca cada uno.',
  avoid: 'Espera. No digas ningún número ni asientas.',
  childDoes: 'toca y cuenta una fila',
  setOut: 'a un pulgar de distancia',
  easier: 'el mismo número, apartando cada uno',
  harder: 'dibujos, que no se pueden enderezar',
  otherThings: 'Conchas en vez de corchos; cosas de dos tamaños; cosas todas iguales.',
  routine: {
    wholeGroup: 'Barcos a lo largo del estante, contados con un dedo largo.',
    smallGroup: 'Cada peque pone una fila para el siguiente.',
    freeTable: 'Filas en tiras de cartón, para contar y dar la vuelta.',
  },
  sheet: 'una fila de aros, con lo que se dijo bajo cada uno',
  home: 'Zapatos a lo largo de la pared.',
};
