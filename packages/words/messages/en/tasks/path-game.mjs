export default {
  name: 'Along the towpath',
  say: 'You rolled {n}. Move {n, plural, one {1 square} other {# squares}}.',
  avoid: 'Don’t point at the next square, and don’t move the boat.',
  childDoes: 'moves a piece so many squares, not counting the one it stands on',
  also: 'a path of squares, a die, a boat for each',
  easier: 'a die with one, two and three',
  harder: 'two dice, or back again',
  otherThings: 'Stepping stones on the floor.',
  routine: {
    wholeGroup: 'A path across the hall: one child is the boat.',
    smallGroup: 'A board for two or three.',
    freeTable: 'The path, a die, boats.',
  },
  sheet: 'rolled, and moved',
  home: 'Any path and a die.',
};
