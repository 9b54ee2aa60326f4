export default {
  name: 'The same number?',
  say: 'Look at both. Are they the same number, or not?',
  choosing: {
    question: 'What did they say?',
    options: {
      'as-many': 'the same',
      'not-as-many': 'not the same',
    },
  },
  avoid: 'Give ten quiet seconds to think. Then ask why.',
  childDoes: 'says whether two frames that look different have the same number',
  also: 'the screen turned to the child, or two frames and corks',
  easier: 'four or five in each',
  harder: 'the child shows a number in a third way',
  otherThings: 'Two egg boxes, one filled along, one filled across.',
  routine: {
    wholeGroup: 'Two frames on the wall: hands on heads for the same.',
    smallGroup: 'Tell Otter why: he thinks the long one must be more.',
    freeTable: 'Pairs of frame cards to match.',
  },
  sheet: 'both frames, what was said, and why',
  home: 'Six as five and one, or as three twos: the same?',
};
