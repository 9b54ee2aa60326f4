export default {
  name: 'Count back from a number',
  say: 'Count backwards from {n}.',
  avoid: 'Don’t say the one before, and don’t count on your fingers where they show.',
  childDoes: 'counts back from a number',
  easier: 'the one before, one number only',
  harder: 'across a ten, or from twenty',
  otherThings: 'Going down the lock steps, one number to each.',
  routine: {
    wholeGroup: 'Five, four, three, two, one: the gates open.',
    smallGroup: 'One takes a cork off the row for each number back.',
    freeTable: 'A row of boats that leave one by one.',
  },
  sheet: 'the number, and the next three words back',
  home: 'Counting back before switching off the light.',
};
