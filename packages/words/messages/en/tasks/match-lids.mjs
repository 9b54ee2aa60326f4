export default {
  name: 'A lid to each jar',
  say: 'Give each jar its lid.',
  choosing: {
    question: 'Were there enough lids, too many, or too few?',
    options: {
      enough: 'enough',
      'too-many': 'too many',
      'too-few': 'too few',
    },
  },
  avoid: 'Don’t say a number: this one needs no counting.',
  childDoes: 'gives each jar its lid, and says whether there were enough',
  setOut: 'in a heap beside the jars',
  also: 'as many jars as the screen shows',
  easier: 'three jars, and lids for all of them',
  harder: 'as many of another kind, with nothing to sit on',
  otherThings: 'Cups to saucers, boats to moorings, a spoon to each bowl.',
  adaptations: {
    vision: 'Jars stuck to a mat, so that they stay where a hand found them.',
    movement: 'You put the lids on; the child says where the next one goes.',
  },
  caution: 'Plastic jars: no glass. Lids with no sharp rim.',
  routine: {
    wholeGroup: 'A cup for everyone: have we enough?',
    smallGroup: 'Moorings and boats; one boat too many comes along.',
    freeTable: 'Jars and a basket with too many lids.',
  },
  sheet: 'jars and lids joined by lines',
  home: 'Lay the table: a fork to each plate.',
};
