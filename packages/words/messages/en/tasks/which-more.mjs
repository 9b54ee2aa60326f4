export default {
  name: 'Which has more?',
  say: 'Which one has more?',
  choosing: {
    question: 'Which one did they take?',
    options: {
      'left-set': 'the left one',
      'right-set': 'the right one',
    },
  },
  avoid: 'Ask before anyone counts. Don’t look at one set longer than the other.',
  childDoes: 'points to the set with more',
  setOut: 'side by side as on the screen, both from the child’s end',
  easier: 'two and five, things all alike',
  harder: 'one fewer in the longer row; ask which has fewer',
  otherThings: 'Cups on two trays, boots on two shelves, leaves in two buckets.',
  adaptations: {
    vision: 'Two shallow boxes to feel, one hand in each; things that differ to the touch.',
    speech: 'Pointing is the whole answer.',
  },
  routine: {
    wholeGroup: 'Two baskets in the ring: hands to the one with more.',
    smallGroup: 'Each lays a pair for the next to judge.',
    freeTable: 'Two mats and a bowl of corks.',
  },
  sheet: 'both sets, and which was taken',
  home: 'Which of us has more peas left?',
};
