export default {
  name: 'More than last time?',
  say: 'Last time {from, plural, =0 {none} other {#}} landed, now {makes, plural, =0 {none} other {#}}. Is that more or fewer?',
  choosing: {
    question: 'What did they say?',
    options: {
      'more-now': 'more',
      'fewer-now': 'fewer',
      'as-many': 'the same',
    },
  },
  avoid: 'Don’t cheer for more: fewer is as good an answer.',
  childDoes: 'says whether a turn came to more or fewer than the last; none counts as zero',
  also: 'a bucket and beanbags, or skittles',
  easier: 'the last turn’s things left lying in view',
  harder: 'by how many',
  otherThings: 'Skittles, hoops over a bollard, jumps along the quay.',
  routine: {
    wholeGroup: 'Two throw, the others say which turn came to more.',
    smallGroup: 'Each throws three times; is it more than the last?',
    freeTable: 'A bucket, five beanbags and a row of pegs to keep count with.',
  },
  sheet: 'both turns, and what was said of them',
  home: 'How many landed in the basket? More than last time?',
};
