export default {
  cork: {
    many: 'corchos',
    amount: '{n, plural, =0 {ningún corcho} one {1 corcho} other {# corchos}}',
    care: 'Tira cualquier corcho que se deshaga.',
  },
  shell: {
    many: 'conchas',
    amount: '{n, plural, =0 {ninguna concha} one {1 concha} other {# conchas}}',
    care: 'Palpa cada concha antes de ponerla: sin bordes rotos ni cortantes.',
  },
  boat: {
    many: 'barcos de madera',
    amount: '{n, plural, =0 {ningún barco de madera} one {1 barco de madera} other {# barcos de madera}}',
  },
  lid: {
    many: 'tapas de tarro',
    amount: '{n, plural, =0 {ninguna tapa de tarro} one {1 tapa de tarro} other {# tapas de tarro}}',
    care: 'Pasa un dedo por cada tapa: sin bordes cortantes ni doblados.',
  },
  'acorn-cup': {
    many: 'cúpulas de bellota',
    amount:
      '{n, plural, =0 {ninguna cúpula de bellota} one {1 cúpula de bellota} other {# cúpulas de bellota}}',
    care: 'Usa solo cúpulas secas, y lavaos las manos después.',
  },
  anything: {
    many: 'cosas',
    amount: '{n, plural, =0 {ninguna cosa} one {1 cosa} other {# cosas}}',
  },
  ofOwn: '{n, plural, =0 {cero {many}} one {1 {one}} other {# {many}}}',
};
