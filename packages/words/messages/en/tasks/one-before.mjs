export default {
  name: 'What comes before?',
  say: 'What comes just before {n}?',
  avoid: 'Don’t count up to it for the child.',
  childDoes: 'says which number comes before',
  easier: 'with the number line in view',
  harder: 'counting back from it',
  otherThings: 'A row of boats: one leaves, how many now?',
  routine: {
    wholeGroup: 'Guess the hidden number: it comes just before this one.',
    smallGroup: 'Taking turns down the lock steps.',
    freeTable: 'Number cards with the one before face down.',
  },
  sheet: 'the number, and what the child said',
  home: 'What number was the last house?',
};
