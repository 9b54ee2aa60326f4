export default {
  name: 'Dots as on a die',
  say: 'Look here. How many did you see?',
  avoid: 'Show it once. Take the first answer, and don’t ask again in the same try.',
  childDoes: 'says which face of a die it was, without counting',
  also: 'the screen turned to the child, or a second screen',
  easier: 'one to three',
  harder: 'five and six, a quarter turned',
  otherThings: 'A big die under a cup; jar lids laid like the faces.',
  routine: {
    wholeGroup: 'A big die held up and hidden: fingers for how many.',
    smallGroup: 'One throws under a cup, lifts it for a moment, the others say.',
    freeTable: 'A die, a cup and number cards.',
  },
  sheet: 'shown, said, and whether it was seen or counted',
  home: 'Throw a die and cover it at once: what was it?',
};
