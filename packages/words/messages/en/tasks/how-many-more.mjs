export default {
  name: 'How many more?',
  say: 'This one has more. How many more?',
  avoid: 'Don’t point at the ones left over.',
  childDoes: 'says by how many one of two sets is larger',
  setOut: 'side by side as on the screen, both from the child’s end',
  easier: 'one more only, one facing one',
  harder: 'the sets under two cloths after a look',
  otherThings: 'Two towers, two queues, two rows of pegs with coats and without.',
  routine: {
    wholeGroup: 'More children or more chairs, and how many more?',
    smallGroup: 'Two rows in an egg box: which stick out?',
    freeTable: 'An egg box of two rows, and two bowls.',
  },
  sheet: 'both sets, and what was said',
  home: 'How many more forks than knives?',
};
