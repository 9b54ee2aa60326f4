export default {
  name: 'One in each box',
  say: 'Put one in each box. How far do they go?',
  ways: {
    'leave-them': {
      name: 'leave them there',
    },
    'take-away': {
      name: 'take each away once it’s ticked',
      say: 'Tick a box for each one, and put it back in the bag.',
    },
  },
  avoid: 'Don’t read the printed number out.',
  childDoes: 'puts one thing in each box of a track from 1 to 10, and says how far they go',
  setOut: 'in a heap',
  also: 'a track of ten numbered boxes',
  easier: 'three or four',
  harder: 'past five; without the printed numbers',
  otherThings: 'An egg box cut in two strips, numbered steps.',
  routine: {
    wholeGroup: 'Big boxes on the floor, one child in each.',
    smallGroup: 'A track each, a handful from the bag.',
    freeTable: 'Tracks and bags, left out.',
  },
  sheet: 'a track from 1 to 10',
  home: 'One pea on each square: how far do they go?',
};
