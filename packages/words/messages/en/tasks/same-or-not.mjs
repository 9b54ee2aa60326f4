export default {
  name: 'The same, or not?',
  say: 'Are there just as many here as there, or has one more?',
  choosing: {
    question: 'What did they say?',
    options: {
      'left-set': 'left has more',
      'right-set': 'right has more',
      'as-many': 'the same',
    },
  },
  avoid: 'Don’t line them up for the child; if they do it themselves, let them.',
  childDoes: 'says whether two sets are the same, lining them up if need be',
  setOut: 'side by side as on the screen, both from the child’s end',
  easier: 'each thing of one row touching one of the other',
  harder: 'one row pulled longer',
  otherThings: 'Cups and saucers, coats and pegs, boats and moorings.',
  adaptations: {
    vision: 'Both rows in egg boxes, a finger of each hand along them together.',
    speech: 'Two cards: two heaps alike, and one larger.',
  },
  routine: {
    wholeGroup: 'As many hats as heads? Try them on.',
    smallGroup: 'Two rows built from one end, one to one, and then asked.',
    freeTable: 'An egg box of two rows, and two bowls.',
  },
  sheet: 'both sets, and what was said',
  home: 'As many spoons as bowls on the table?',
};
