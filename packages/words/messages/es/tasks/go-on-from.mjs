export default {
  name: 'Sigue desde un número',
  say: '{startAgain, select, again {Voy por el {n}. Di también {n} y sigue.} other {Voy por el {n}. Sigue tú.}}',
  avoid: 'No digas el siguiente, y para al niño con cariño a los tres o cuatro.',
  childDoes: 'sigue contando desde un número',
  easier: 'qué viene después, un solo número',
  harder: 'pasando de diez, o con cosas que caen en una lata',
  otherThings: 'Un paso por número, desde un escalón marcado.',
  routine: {
    wholeGroup: 'Tú cuentas hasta un número y señalas; todos siguen.',
    smallGroup: 'Uno empieza, el siguiente continúa desde ahí.',
    freeTable: 'Tarjetas boca abajo: se gira una y se sigue.',
  },
  sheet: 'el número y las tres palabras siguientes',
  home: 'Contar la escalera, siguiendo desde un rellano.',
};
