export default {
  name: 'Que sean tantos',
  say: 'Aquí hay {from}. Haz que sean {n}.',
  avoid: 'No digas «más» ni «quita».',
  childDoes: 'cambia un conjunto de un número en otro',
  setOut: '{from} en un plato, el resto en un montón al lado',
  also: 'un plato, una tarjeta con {n}',
  easier: 'uno más de los que hay',
  harder: 'pasando de cinco, hacia abajo, o hasta diez',
  otherThings: 'Barcos en el puerto.',
  routine: {
    wholeGroup: 'Niños en el barco: que sean cinco.',
    smallGroup: 'Cada uno cambia el plato para el siguiente.',
    freeTable: 'Un plato, una cesta y tarjetas que se giran.',
  },
  sheet: 'había, se pidió y lo que hizo el niño',
  home: 'Hay tres platos en la mesa: que sean cinco.',
};
