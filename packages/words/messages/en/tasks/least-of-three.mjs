export default {
  name: 'Fewest of three',
  say: 'Here are three. Which has the fewest?',
  choosing: {
    question: 'Which one did they take?',
    options: {
      'left-set': 'the left one',
      'middle-set': 'the middle one',
      'right-set': 'the right one',
    },
  },
  avoid: 'Don’t point along the rows.',
  childDoes: 'finds the set with fewest of three',
  setOut: 'in three rows side by side, as on the screen',
  easier: 'two sets only',
  harder: 'put all three in order',
  otherThings: 'Three cups of crayons, three heaps of leaves, three queues.',
  adaptations: {
    vision: 'Three shallow boxes, felt one after the other, and again.',
    speech: 'Pointing is the whole answer.',
  },
  routine: {
    wholeGroup: 'Three queues at the door: join the one with the fewest.',
    smallGroup: 'Each fills a dish; whose has the fewest?',
    freeTable: 'Three dishes and a heap of shells.',
  },
  sheet: 'the three sets, and which was taken',
  home: 'Which drawer has the fewest socks?',
};
