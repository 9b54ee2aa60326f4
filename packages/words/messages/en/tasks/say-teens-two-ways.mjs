export default {
  name: 'The teens two ways',
  say: 'Start at eleven, and count to {n}.',
  ways: {
    usual: {
      name: 'the usual names',
    },
    'ten-and-some': {
      name: 'as ten-and-some',
      say: 'Now the building way: ten-one, ten-two … as far as {n}{twenty, select, tens {; twenty is two tens} other {}}.',
    },
  },
  avoid: 'Say the first word if the child waits for it, and no other.',
  childDoes: 'says 11 to 20 the usual way and as ten-and-some',
  also: 'a strip of ten corks and some single ones, to build each number if it helps',
  easier: 'to twelve, and stopping there',
  harder: 'the two ways by turns, one number each',
  otherThings: 'Full crates of ten on the barge, and some beside it.',
  routine: {
    wholeGroup: 'The stair by the lock, each step named both ways.',
    smallGroup: 'One says it the usual way, the next the building way.',
    freeTable: 'A strip of ten with single corks and picture cards.',
  },
  sheet: 'both rows of words, one under the other',
  home: 'Ten toes and some fingers: ten-one, ten-two.',
};
