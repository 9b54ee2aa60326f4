export default {
  title: 'En grupo',
  hint: 'Una actividad mostrada a todo el grupo, o los números dichos a coro.',
  intro:
    'Lo que se mostró a todo el grupo o se dijo a coro. Se guarda como del grupo y no dice nada de nadie en particular, solo que ya lo conoce.',
  what: 'Qué fue',
  kinds: {
    shown: 'mostrado al grupo',
    chorus: 'dicho a coro',
  },
  who: 'Quién estaba (toca a quien no estaba)',
  togetherTo: 'Hasta qué número a coro (si te fijaste)',
  wrongNumber: 'Escribe un número entero del 1 al 100, o déjalo vacío.',
  note: 'Una nota, si quieres',
  keep: '{n, plural, one {Guardar, estaba 1} other {Guardar, estaban #}}',
  lately: 'En grupo, últimamente',
  line: {
    shown: '{day}: se mostró {task} a {n, plural, one {1 peque} other {# peques}}, {name}.',
    chorus: '{day}: a coro, {task}, {n, plural, one {1 peque} other {# peques}}, con {name}.',
  },
  reached: 'A coro hasta el {n}.',
  shownToGroup: 'Mostrado al grupo …',
  first: 'En esta aula se empieza así: {way}.',
};
