export default {
  name: 'Do it so many times',
  say: 'Do it {n} times, then stop.',
  avoid: 'Don’t nod along, and don’t stop the child.',
  childDoes: 'does something a number of times, and stops',
  ways: {
    flaps: {
      name: 'flapping like a heron',
      say: 'Flap like a heron {n} times, then stop.',
    },
    claps: {
      name: 'clapping',
      say: 'Clap {n} times, then stop.',
    },
    throws: {
      name: 'throwing at a bucket',
      say: 'Throw until {n} have landed in the bucket.',
    },
  },
  easier: 'three, counted together',
  harder: 'one thing so many times, then another',
  otherThings: 'Jumps, drum beats, beanbags at a bucket: only what lands counts.',
  routine: {
    wholeGroup: 'Seven flaps, then eight claps, then all sit down.',
    smallGroup: 'One calls a number, the others do it.',
    freeTable: 'A drum and number cards.',
  },
  sheet: 'asked for, and done',
  home: 'Stir the pot ten times.',
};
