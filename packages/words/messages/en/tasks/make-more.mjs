export default {
  name: 'Make one with more',
  say: 'Make one that has more than this.',
  ways: {
    more: { name: 'more', say: 'Make one that has more than this.' },
    'one-more': { name: 'just one more', say: 'Make one that has just one more than this.' },
  },
  avoid: 'Don’t say how many more: any number more will do.',
  childDoes: 'makes a set with more, or with one more, beside another',
  setOut: 'in a pile, with a row of the others in front of it to look at',
  easier: 'match one to one first, then add',
  harder: 'exactly one more, the first set covered',
  otherThings: 'A longer train, a fuller cup, a hand with more fingers up.',
  routine: {
    wholeGroup: 'A team with more than that one: who joins?',
    smallGroup: 'Each makes more than the one before, until the table is full.',
    freeTable: 'Two dishes, and a card with a large heap on it.',
  },
  sheet: 'both sets, and how it was done',
  home: 'Put out more spoons than we need.',
};
