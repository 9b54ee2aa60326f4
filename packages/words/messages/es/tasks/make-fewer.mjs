export default {
  name: 'Haz uno con menos',
  say: '{fewer, select, both {Haz uno que tenga menos que este, con menor cantidad.} other {Haz uno que tenga menos que este.}}',
  avoid: 'No digas además «más», y no quites ninguno tú.',
  childDoes: 'hace un grupo con menos al lado de otro',
  setOut: 'en un montón, con una fila de los otros delante para mirar',
  easier: 'quitar algunos de un grupo igual',
  harder: 'uno menos, con el primer grupo tapado',
  otherThings: 'Un tren más corto, un vaso más vacío, una mano con menos dedos.',
  routine: {
    wholeGroup: 'Una fila con menos que aquella: ¿quién se sienta?',
    smallGroup: 'Cada uno hace menos que el anterior hasta que no queda ninguno.',
    freeTable: 'Dos platos y una tarjeta con un montón pequeño.',
  },
  sheet: 'los dos grupos y cómo lo hizo',
  home: 'Coge menos uvas que yo.',
};
