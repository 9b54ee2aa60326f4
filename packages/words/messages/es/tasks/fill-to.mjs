export default {
  name: 'Llenar el vaso',
  say: 'Llena el vaso hasta que haya {n}.',
  midway: {
    question: '¿Ya están?',
    options: {
      yes: 'dijo que sí',
      no: 'dijo que no',
    },
  },
  avoid: 'No cuentes a la vez ni vayas más despacio cerca del número.',
  childDoes: 'llena un vaso hasta un número, y a mitad se le pregunta si ya están',
  setOut: 'en un montón junto a un vaso; para en 5, 10 y 15 para preguntar',
  also: 'un vaso que tape lo que hay dentro',
  easier: 'cinco o seis en un plato, donde se ven',
  harder: 'un número mayor, o dos peques por turnos',
  otherThings: 'Cubos de cúpulas, una barcaza con tantas cajas.',
  routine: {
    wholeGroup: 'Cada uno trae uno hasta que el cesto tenga quince.',
    smallGroup: 'Dos peques llenan un vaso, un rato cada uno.',
    freeTable: 'Vasos con tarjetas de números debajo.',
  },
  sheet: 'el número pedido, lo que había en el vaso y lo que se dijo a mitad',
  home: 'Doce pinzas a la bolsa, por favor.',
};
