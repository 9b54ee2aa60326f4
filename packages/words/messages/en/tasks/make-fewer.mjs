export default {
  name: 'Make one with fewer',
  say: '{fewer, select, both {Make one that has fewer than this, one with less.} other {Make one that has fewer than this.}}',
  avoid: 'Don’t say “more” as well, and don’t take any away yourself.',
  childDoes: 'makes a set with fewer beside another',
  setOut: 'in a pile, with a row of the others in front of it to look at',
  easier: 'take some away from a set just like it',
  harder: 'one fewer, the first set covered',
  otherThings: 'A shorter train, an emptier cup, a hand with fewer fingers up.',
  routine: {
    wholeGroup: 'A row with fewer than that one: who sits down?',
    smallGroup: 'Each makes fewer than the one before, until none are left.',
    freeTable: 'Two dishes, and a card with a small heap on it.',
  },
  sheet: 'both sets, and how it was done',
  home: 'Take fewer grapes than I have.',
};
