export default {
  name: 'All the ways',
  say: 'How many ways can you make {n} with two kinds?',
  avoid: 'Don’t ask for “none and all”. Wait after each way.',
  childDoes: 'finds the ways to make a number from two kinds of things',
  setOut: 'in two bowls',
  easier: 'the missing part of the same number',
  harder: 'in order, one more of this and one fewer of that',
  otherThings: 'Two colours of bricks, children inside and outside the hut.',
  routine: {
    wholeGroup: 'Some stand by the lock, some by the gate: how else?',
    smallGroup: 'Each lays one way the others haven’t.',
    freeTable: 'Two bowls and a strip for each way.',
  },
  sheet: 'each way as it came; which was not found',
  home: 'Five on two plates: how many ways?',
};
