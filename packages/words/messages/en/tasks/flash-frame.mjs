export default {
  name: 'A full line, and some',
  say: 'Look here. How many did you see?',
  ways: {
    rows: {
      name: 'filled line by line',
    },
    pairs: {
      name: 'filled two by two',
    },
  },
  avoid: 'Show it once. Then ask how they saw it: “Tell me how you saw it.”',
  childDoes: 'says how many are in a frame of ten, as five and some or as two alike',
  also: 'the screen turned to the child, or a second screen',
  easier: 'five, and one more',
  harder: 'eight both ways: as five and three, and as four and four',
  otherThings: 'An egg box with some cups filled, opened for a moment.',
  routine: {
    wholeGroup: 'A big frame on the wall, shown and covered: five, and how many?',
    smallGroup: 'One fills a frame under a cloth and lifts the cloth for a moment.',
    freeTable: 'Frame cards, face down.',
  },
  sheet: 'shown, said, and how it was seen',
  home: 'Open and close the egg box: how many are left?',
};
