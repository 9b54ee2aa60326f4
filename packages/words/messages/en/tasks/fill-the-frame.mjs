export default {
  name: 'Who fills the frame?',
  say: 'We take turns. Put in one, two or three. Whoever fills the last cell wins.',
  avoid: 'Don’t say how many to put in.',
  childDoes: 'plays to place the last one',
  setOut: 'in a dish beside an empty frame',
  also: 'a frame of {n}',
  easier: 'a frame of five',
  harder: 'a frame of twenty, or at most two a turn',
  otherThings: 'Lids on an egg box.',
  choosing: {
    question: 'What did the child do near the end?',
    options: {
      'left-sure': 'left you a number you couldn’t win from',
      'just-played': 'played without looking ahead',
    },
  },
  routine: {
    wholeGroup: 'Children against Otter on a big frame.',
    smallGroup: 'Two and two, after a few games with you.',
    freeTable: 'The frame, a dish, two to play.',
  },
  sheet: 'how many were left before the last turns',
  home: 'Ten pegs on a line, one to three at a time.',
};
