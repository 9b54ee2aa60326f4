export default {
  name: 'Haz uno con más',
  say: 'Haz uno que tenga más que este.',
  ways: {
    more: { name: 'más', say: 'Haz uno que tenga más que este.' },
    'one-more': { name: 'justo uno más', say: 'Haz uno que tenga justo uno más que este.' },
  },
  avoid: 'No digas cuántos más: vale cualquier número mayor.',
  childDoes: 'hace un grupo con más, o con uno más, al lado de otro',
  setOut: 'en un montón, con una fila de los otros delante para mirar',
  easier: 'emparejar uno a uno primero y luego añadir',
  harder: 'justo uno más, con el primer grupo tapado',
  otherThings: 'Un tren más largo, un vaso más lleno, una mano con más dedos.',
  routine: {
    wholeGroup: 'Un equipo con más que aquel: ¿quién se une?',
    smallGroup: 'Cada uno hace más que el anterior hasta llenar la mesa.',
    freeTable: 'Dos platos y una tarjeta con un montón grande.',
  },
  sheet: 'los dos grupos y cómo lo hizo',
  home: 'Pon más cucharas de las que hacen falta.',
};
