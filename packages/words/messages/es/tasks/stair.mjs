export default {
  name: 'Haz una escalera',
  say: 'Haz torres, cada una con uno más que la anterior.',
  avoid: 'No cuentes las torres por el niño.',
  childDoes: 'hace torres una al lado de otra, cada una con uno más',
  setOut: 'en un montón',
  also: 'cosas que se apilan o se enganchan, y una tarjeta bajo cada torre hasta {n}',
  easier: 'tres torres; o las dos primeras ya hechas',
  harder: 'más de diez: diez, y una segunda torre encima',
  otherThings: 'Tapas apiladas, bloques, filas de corchos en vez de torres.',
  routine: {
    wholeGroup: 'Una torre cada día, con uno más que ayer.',
    smallGroup: 'Cada uno hace una; luego se ponen en orden.',
    freeTable: 'Bloques y una tira con números al pie.',
  },
  sheet: 'la altura de cada torre',
  home: 'Torres de bloques: uno, dos, tres. ¿Cuál viene después?',
};
