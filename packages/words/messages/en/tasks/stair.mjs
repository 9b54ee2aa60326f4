export default {
  name: 'Build a stair',
  say: 'Build towers, each one more than the last.',
  avoid: 'Don’t count the towers for the child.',
  childDoes: 'builds towers side by side, each one more than the last',
  setOut: 'in a heap',
  also: 'things that stack or link, and a card under each tower to {n}',
  easier: 'three towers; or the first two built already',
  harder: 'past ten: ten, and a second tower on top',
  otherThings: 'Jar lids stacked, blocks, rows of corks instead of towers.',
  routine: {
    wholeGroup: 'A tower each day, one more than yesterday.',
    smallGroup: 'Each builds one; then put them in order.',
    freeTable: 'Blocks and a strip numbered along the foot.',
  },
  sheet: 'how high each tower was',
  home: 'Towers of bricks: one, two, three. What comes next?',
};
