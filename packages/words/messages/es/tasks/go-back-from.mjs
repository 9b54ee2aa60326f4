export default {
  name: 'Cuenta atrás desde un número',
  say: 'Cuenta hacia atrás desde {n}.',
  avoid: 'No digas el anterior ni cuentes con los dedos a la vista.',
  childDoes: 'cuenta atrás desde un número',
  easier: 'el anterior, un solo número',
  harder: 'pasando de diez, o desde veinte',
  otherThings: 'Bajar los escalones de la esclusa, un número en cada uno.',
  routine: {
    wholeGroup: 'Cinco, cuatro, tres, dos, uno: se abren las compuertas.',
    smallGroup: 'Cada uno quita un corcho de la fila por número.',
    freeTable: 'Una fila de barcos que se van uno a uno.',
  },
  sheet: 'el número y las tres palabras hacia atrás',
  home: 'Contar atrás antes de apagar la luz.',
};
