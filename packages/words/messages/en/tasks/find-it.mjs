export default {
  name: 'Find the number',
  say: 'Where is {n}?',
  avoid: 'Don’t look at the right card, and don’t read the others out.',
  childDoes: 'finds a numeral among others',
  also: 'the four cards on the screen, or your own: look-alikes lie among them',
  easier: 'cards that look nothing alike',
  harder: 'six and nine, two and five, twelve and twenty-one',
  otherThings: 'Numbered lids, pegs on a line, chalk numbers to jump on.',
  routine: {
    wholeGroup: 'Chalk numbers on the floor: jump to the one called.',
    smallGroup: 'Cards fanned out; the one called is handed over.',
    freeTable: 'Numbered lids for numbered jars.',
  },
  sheet: 'which was asked for, and which was taken',
  home: 'Where is the four? On the clock, on the letterbox.',
};
