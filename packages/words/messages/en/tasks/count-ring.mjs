export default {
  name: 'Count a ring',
  say: 'Count these all the way round.',
  ways: {
    unmarked: {
      name: 'start not marked',
    },
    marked: {
      name: 'start marked',
    },
  },
  avoid: 'Don’t point to the first, and don’t say stop.',
  childDoes: 'counts round a ring, and knows where they began, or doesn’t',
  setOut: 'in a ring as on the screen, evenly',
  easier: 'the ring opened into a row; then a ring with one of another kind to start from',
  harder: 'two more, or two rings, one in the other',
  otherThings: 'Beads on a closed string; children in a circle.',
  caution: 'A string of beads stays on the table and off necks.',
  routine: {
    wholeGroup: 'How many sit in our circle? Who was first?',
    smallGroup: 'A ring of boats; each child marks the beginning in their own way.',
    freeTable: 'Plates with rings of shells, and one red cork to start from.',
  },
  sheet: 'a ring, with where the child began and stopped',
  home: 'Plates round the table.',
};
