export default {
  saw: {
    order: 'dijo los números hasta',
    'one-to-one': 'contó, una palabra por cosa',
    'last-word': 'contó y supo cuántos había',
    fetch: 'dio un número cuando se lo pidieron',
  },
  did: {
    order: '{name} dijo los números hasta {n}',
    'one-to-one': '{name} contó {n}, una palabra por cosa',
    'last-word': '{name} contó {n} y dijo cuántos había',
    fetch: '{name} dio {n} cuando se lo pidieron',
  },
  noChildren: 'Los peques de la sala aún no han cargado.',
  reasonBack: 'retirado enseguida',
  intro: 'Algo que viste en el juego. Cuenta la mitad que un intento.',
  takenBack: 'Retirado. No cuenta.',
  recorded: 'Anotado: {what}.',
  takeBack: 'Retirarlo',
  who: 'Quién',
  what: 'Qué viste',
  number: 'Qué número',
};
