export default {
  counts: 'Otter counts {what}',
  says: 'Otter says the numbers',
  counting: 'Otter counts …',
  again: 'Once more',
  start: 'Let Otter count',
  spoken: 'This device says the words.',
  sayYourself: 'This device has no voice for this language. Say each word as it appears.',
};
