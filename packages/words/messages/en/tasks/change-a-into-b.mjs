export default {
  name: 'Change it to a number',
  say: 'Here {from, plural, one {is 1} other {are #}}. Make it {n}.',
  avoid: 'Don’t say “more” or “take away”.',
  childDoes: 'changes a set of one number into another',
  setOut: 'as {from} on a plate, the rest in a heap beside it',
  also: 'a plate, a card with {n}',
  easier: 'one more than there is',
  harder: 'across five, down again, or to ten',
  otherThings: 'Boats in the harbour.',
  routine: {
    wholeGroup: 'Children in the boat: make it five.',
    smallGroup: 'Each changes the plate for the next.',
    freeTable: 'A plate, a basket and cards turned one by one.',
  },
  sheet: 'there were, asked for, and what the child did',
  home: 'There are three plates out: make it five.',
};
