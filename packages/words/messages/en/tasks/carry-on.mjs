export default {
  name: 'Carry on the pattern',
  say: 'Look how it goes. What comes next? Go on.',
  ways: {
    ab: {
      name: 'this, that',
    },
    abb: {
      name: 'this, that, that',
    },
    aab: {
      name: 'this, this, that',
    },
    abc: {
      name: 'three by turns',
    },
  },
  avoid: 'Don’t say the pattern aloud for the child. Let it be felt as well as seen.',
  childDoes: 'carries a pattern on, by sight or by touch',
  setOut: 'two rounds of it in a row, and a bowl of each kind',
  easier: 'this, that',
  harder: 'three kinds by turns; then a pattern of their own',
  otherThings: 'Claps and stamps, big and small leaves.',
  adaptations: {
    vision: 'Things that differ to the touch, in a row with a rim; a hand feels along before it goes on.',
  },
  routine: {
    wholeGroup: 'Clap, stamp, clap, stamp: everyone goes on.',
    smallGroup: 'One begins a pattern, the next carries it on.',
    freeTable: 'Strips with a beginning, and bowls of things.',
  },
  sheet: 'the pattern, and what was put',
  home: 'Spoon, fork, spoon: what comes next?',
};
