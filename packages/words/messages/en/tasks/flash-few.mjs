export default {
  name: 'How many dots?',
  say: 'Look here. How many did you see?',
  avoid: 'Show them once. Take the first answer, and don’t ask again in the same try.',
  childDoes: 'says how many dots there were, without counting',
  also: 'the screen turned to the child, or a second screen',
  easier: 'one, two or three',
  harder: 'dots as on a die, and up to six',
  otherThings: 'Corks under a cloth, lifted and put back; holes in a lid held up.',
  routine: {
    wholeGroup: 'Dots on the wall for a moment: everyone shows fingers.',
    smallGroup: 'One lifts the cloth, the others say how many.',
    freeTable: 'Cards with dots, face down, to turn and turn back.',
  },
  sheet: 'shown, said, and whether it was seen or counted',
  home: 'Lift the lid off some grapes and put it back: how many?',
};
