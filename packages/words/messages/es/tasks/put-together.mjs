export default {
  name: 'Junta dos conjuntos',
  say: '{from} aquí y {few} aquí. ¿Cuántos en total?',
  avoid: 'No los juntes tú.',
  childDoes: 'dice cuántos son dos conjuntos juntos',
  setOut: '{from} a un lado y {few} al otro',
  easier: 'contar primero cada conjunto y luego todos',
  harder: 'tapar el primero antes de preguntar',
  otherThings: 'Corchos en dos tapas.',
  routine: {
    wholeGroup: 'Niños a los dos lados de la alfombra: ¿cuántos en total?',
    smallGroup: 'Dos bandejas vertidas en una.',
    freeTable: 'Dos tapas, una cesta y tarjetas de números.',
  },
  sheet: 'los dos conjuntos y lo que dijo el niño',
  home: 'Tus cucharas y las mías: ¿cuántas en total?',
};
