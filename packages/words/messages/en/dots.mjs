export default {
  full: 'sure',
  bead: 'likely',
  half: 'went well at least once, not clear yet',
  ring: 'not yet',
  speck: 'not asked yet',
  dot: '{n, plural, =0 {{certainty}} other {#: {certainty}}}, {tries, plural, =0 {no tries} one {1 try} other {# tries}}',
  notAsked: 'not asked yet',
  notClear: 'not clear yet',
  sureTo: 'sure to {n}',
  likelyTo: 'likely to {n}',
};
