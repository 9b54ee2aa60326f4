export default {
  cork: {
    many: 'corks',
    amount: '{n, plural, =0 {no corks} one {1 cork} other {# corks}}',
    care: 'Throw away any cork that crumbles.',
  },
  shell: {
    many: 'shells',
    amount: '{n, plural, =0 {no shells} one {1 shell} other {# shells}}',
    care: 'Feel each shell for a chipped, sharp edge before you set it out.',
  },
  boat: {
    many: 'wooden boats',
    amount: '{n, plural, =0 {no wooden boats} one {1 wooden boat} other {# wooden boats}}',
  },
  lid: {
    many: 'jar lids',
    amount: '{n, plural, =0 {no jar lids} one {1 jar lid} other {# jar lids}}',
    care: 'Run a finger round each lid: no sharp or bent rim.',
  },
  'acorn-cup': {
    many: 'acorn cups',
    amount: '{n, plural, =0 {no acorn cups} one {1 acorn cup} other {# acorn cups}}',
    care: 'Use dry cups only, and wash hands afterwards.',
  },
  anything: {
    many: 'things',
    amount: '{n, plural, =0 {no things} one {1 thing} other {# things}}',
  },
  ofOwn: '{n, plural, =0 {no {many}} one {1 {one}} other {# {many}}}',
};
