export default {
  name: 'The longer row',
  say: 'Which one has more?',
  choosing: {
    question: 'Which one did they take?',
    options: {
      'left-set': 'the left one',
      'right-set': 'the right one',
    },
  },
  avoid: 'Keep your hands off the ends of the rows.',
  childDoes: 'finds more where one row is longer',
  setOut: 'side by side as on the screen; mind how long each row is',
  easier: 'both rows from the same end, things facing each other',
  harder: 'things of two sizes',
  otherThings: 'A line of boots against a line of wellies pushed together.',
  adaptations: {
    vision: 'Two strings with beads fixed on them, to run a finger along.',
    speech: 'Pointing is the whole answer.',
  },
  routine: {
    wholeGroup: 'Children in two rows: one row spreads out. More now?',
    smallGroup: 'One pushes a row together, the others judge.',
    freeTable: 'Two strings and a bowl of lids.',
  },
  sheet: 'both rows with their lengths, and which was taken',
  home: 'Peas in two rows: push one together and ask again.',
};
