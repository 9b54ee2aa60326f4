export default {
  name: 'What comes next?',
  say: 'What comes just after {n}?',
  avoid: 'Don’t start counting for the child.',
  childDoes: 'says which number comes next',
  easier: 'counting up to the number together first',
  harder: 'counting on from it',
  otherThings: 'A row of lids: one more goes down, how many now?',
  routine: {
    wholeGroup: 'Guess the hidden number: it comes just after this one.',
    smallGroup: 'Each says the number after their neighbour’s.',
    freeTable: 'Number cards with the next one face down.',
  },
  sheet: 'the number, and what the child said',
  home: 'What number is the next house?',
};
