export default {
  name: 'Dos tarjetas',
  say: '¿Qué tarjeta es más?',
  choosing: {
    question: '¿Cuál eligió?',
    options: {
      'left-set': 'la de la izquierda',
      'right-set': 'la de la derecha',
    },
  },
  avoid: 'No leas las tarjetas en voz alta. Pide que lo demuestre con cosas cuando haya elegido.',
  childDoes: 'dice cuál de dos tarjetas con números es más y lo demuestra en casillas',
  also: 'dos tarjetas como en la pantalla, casillas y corchos para demostrarlo',
  easier: 'números muy distintos, hasta cinco',
  harder: 'números seguidos, más allá del diez',
  otherThings: 'Números en los barcos, números de las casas, dos dados con cifras.',
  routine: {
    wholeGroup: 'Dos tarjetas en alto: un paso hacia la que es más.',
    smallGroup: 'Cada uno gira una; quien tiene más se queda las dos.',
    freeTable: 'Un montón de tarjetas y dos tablas de casillas.',
  },
  sheet: 'las dos tarjetas y cuál eligió',
  home: '¿Cuál de estos dos números de casa es más?',
};
