export default {
  name: 'Most of three',
  say: 'Here are three. Which has the most?',
  choosing: {
    question: 'Which one did they take?',
    options: {
      'left-set': 'the left one',
      'middle-set': 'the middle one',
      'right-set': 'the right one',
    },
  },
  avoid: 'Give time: three is a lot to look at.',
  childDoes: 'finds the set with most of three',
  setOut: 'in three rows side by side, as on the screen',
  easier: 'two sets only',
  harder: 'ask which has the fewest',
  otherThings: 'Three pots of paintbrushes, three pegs of bags, three boats of children.',
  adaptations: {
    vision: 'Three shallow boxes, felt one after the other, and again.',
    speech: 'Pointing is the whole answer.',
  },
  routine: {
    wholeGroup: 'Three corners of the room: where are most of us?',
    smallGroup: 'Each fills a dish; whose has the most?',
    freeTable: 'Three dishes and a heap of shells.',
  },
  sheet: 'the three sets, and which was taken',
  home: 'Three boxes of toys: which has the most?',
};
