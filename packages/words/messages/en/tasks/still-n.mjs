export default {
  name: 'Still so many?',
  say: 'How many are there?',
  again: {
    setOut: 'Spread them out while the child watches.',
    say: 'And how many are there now?',
  },
  ways: {
    spread: {
      name: 'spread out',
    },
    boxed: {
      name: 'in a box',
      setOut: 'Put a box over them, while the child watches.',
    },
    ringed: {
      name: 'in a ring',
      setOut: 'Push them round into a ring, while the child watches.',
    },
  },
  avoid: 'Don’t add or take any, and sound as if you don’t know.',
  childDoes: 'says how many after they were spread out, boxed or put in a ring',
  setOut: 'close together in a row',
  also: 'a box with no lid',
  easier: 'asked once only, with three',
  harder: 'boxed, so that they cannot be counted again',
  otherThings: 'Water birds that swim apart, children who sit and then stand.',
  adaptations: {
    vision: 'The child’s own hands feel them being spread, one after another.',
  },
  routine: {
    wholeGroup: 'Five children close together, then far apart: are we still five?',
    smallGroup: 'Each child hides the same shells another way.',
    freeTable: 'Boxes and cloths with a handful of corks.',
  },
  sheet: 'first answer, what was done, second answer',
  home: 'Peas on a plate, pushed together and apart.',
};
