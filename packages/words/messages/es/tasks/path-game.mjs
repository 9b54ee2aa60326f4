export default {
  name: 'Por el camino de sirga',
  say: 'Te ha salido {n}. Avanza {n, plural, one {1 casilla} other {# casillas}}.',
  avoid: 'No señales la casilla siguiente ni muevas el barco.',
  childDoes: 'avanza tantas casillas, sin contar la que ocupa',
  also: 'un camino de casillas, un dado, un barco para cada uno',
  easier: 'un dado con uno, dos y tres',
  harder: 'dos dados, o de vuelta',
  otherThings: 'Piedras para pisar en el suelo.',
  routine: {
    wholeGroup: 'Un camino por la sala: un niño es el barco.',
    smallGroup: 'Un tablero para dos o tres.',
    freeTable: 'El camino, un dado y barcos.',
  },
  sheet: 'lo que salió y lo que avanzó',
  home: 'Cualquier camino y un dado.',
};
