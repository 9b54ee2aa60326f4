export default {
  name: 'Repasarlo',
  say: 'Aquí está el {n}. Repásalo.',
  ways: {
    faded: {
      name: 'líneas pálidas',
    },
    dotted: {
      name: 'líneas de puntos',
    },
  },
  avoid: 'No digas dónde empieza antes de que empiece.',
  childDoes: 'repasa una cifra pálida o de puntos',
  also: 'la pantalla, o una tira con el {n} impreso en pálido',
  easier: 'primero con el dedo; un solo trazo',
  harder: 'al lado de un modelo',
  otherThings: 'Tiza, un dedo mojado en pizarra, pintura.',
  routine: {
    wholeGroup: 'Todos repasan con los pies una grande en el suelo.',
    smallGroup: 'Cada uno repasa la misma en otro color.',
    freeTable: 'Tiras bajo una lámina, rotuladores que se borran.',
  },
  sheet: 'una tira de cifras pálidas',
  home: 'Repasad con el dedo los números del calendario.',
};
