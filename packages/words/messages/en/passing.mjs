export default {
  saw: {
    order: 'said the numbers up to',
    'one-to-one': 'counted, one word for each thing',
    'last-word': 'counted, and knew how many',
    fetch: 'gave a number when asked',
  },
  did: {
    order: '{name} said the numbers to {n}',
    'one-to-one': '{name} counted {n}, one word for each thing',
    'last-word': '{name} counted {n} and said how many',
    fetch: '{name} gave {n} when asked',
  },
  noChildren: 'The room’s children have not loaded yet.',
  reasonBack: 'taken back at once',
  intro: 'Something you saw in play. It counts half as much as a try.',
  takenBack: 'Taken back. It does not count.',
  recorded: 'Recorded: {what}.',
  takeBack: 'Take it back',
  who: 'Who',
  what: 'What you saw',
  number: 'Which number',
};
