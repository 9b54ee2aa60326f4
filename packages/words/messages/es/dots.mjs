export default {
  full: 'seguro',
  bead: 'probable',
  half: 'fue bien al menos una vez, aún no está claro',
  ring: 'aún no',
  speck: 'aún sin preguntar',
  dot: '{n, plural, =0 {{certainty}} other {#: {certainty}}}, {tries, plural, =0 {sin intentos} one {1 intento} other {# intentos}}',
  notAsked: 'aún sin preguntar',
  notClear: 'aún no está claro',
  sureTo: 'seguro hasta {n}',
  likelyTo: 'probable hasta {n}',
};
