export default {
  name: 'Big ones and small ones',
  say: 'Which one has more?',
  choosing: {
    question: 'Which one did they take?',
    options: {
      'left-set': 'the left one',
      'right-set': 'the right one',
    },
  },
  avoid: 'Don’t say “bigger”: it’s how many that is asked.',
  childDoes: 'finds more where one set has larger things',
  setOut: 'side by side as on the screen, small things against large',
  easier: 'things all of one size',
  harder: 'ask which has fewer',
  otherThings: 'Two buckets against five spoons, melons against plums.',
  adaptations: {
    vision: 'Large and small things that feel alike, one hand on each set.',
    speech: 'Pointing is the whole answer.',
  },
  routine: {
    wholeGroup: 'Three grown-ups, six children: which are more?',
    smallGroup: 'Each lays a few big and many small for the next.',
    freeTable: 'Big lids, small cups and two mats.',
  },
  sheet: 'both sets, and which was taken',
  home: 'Three apples and six grapes: which are more?',
};
