export default {
  name: 'A handful',
  say: '{organise, select, before {Take a handful out of the bag. Put them so that you can count them, and count what you caught.} other {Take a handful out of the bag, and count what you caught.}}',
  thenSay: 'How many did you get?',
  avoid: 'Don’t count with them, and don’t tell them how many you think there are.',
  childDoes: 'takes a handful and finds out how many',
  setOut: 'in a bag; you don’t know how many will come out',
  also: 'a bag to reach into',
  easier: 'fewer in the bag, or larger things',
  harder: 'two handfuls, or a frame to lay them in',
  otherThings: 'Pebbles, buttons, pegs from the peg bag.',
  routine: {
    wholeGroup: 'The bag goes round the circle: how many did you catch?',
    smallGroup: 'Two handfuls side by side, counted and written down.',
    freeTable: 'A bag, a tray and a slip of paper to draw how many.',
  },
  sheet: 'how many the child said, how many there were, and how they were laid',
  home: 'A handful of pasta before it goes into the pot.',
};
