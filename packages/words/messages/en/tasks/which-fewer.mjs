export default {
  name: 'Which has fewer?',
  say: '{fewer, select, both {Which one has fewer? Which has less?} other {Which one has fewer?}}',
  choosing: {
    question: 'Which one did they take?',
    options: {
      'left-set': 'the left one',
      'right-set': 'the right one',
    },
  },
  avoid:
    '{fewer, select, both {Don’t say “more” as well.} other {Don’t say “less” or “more” as well: one word is enough.}}',
  childDoes: 'points to the set with fewer',
  setOut: 'side by side as on the screen, both from the child’s end',
  easier: 'ask which has more, then turn it round',
  harder: 'fewer, but larger things or a longer row',
  otherThings: 'Two plates at snack, two trains of boxes, two jumps of frogs.',
  adaptations: {
    vision: 'Two shallow boxes to feel, one hand in each; things that differ to the touch.',
    speech: 'Pointing is the whole answer.',
  },
  routine: {
    wholeGroup: 'Two teams in the boat: which has fewer, and who should change over?',
    smallGroup: 'Each lays a pair for the next to judge.',
    freeTable: 'Two mats, a bowl of lids, and a card with a small heap on it.',
  },
  sheet: 'both sets, and which was taken',
  home: 'Whose plate has fewer crusts?',
};
