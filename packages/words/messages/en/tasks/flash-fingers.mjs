export default {
  name: 'Fingers, all at once',
  say: 'Look here. How many fingers did you see?',
  avoid: 'Up all at once and down again. Don’t put them up one by one.',
  childDoes: 'says how many fingers were held up, without counting',
  also: 'the screen turned to the child, or your own hands',
  easier: 'one hand',
  harder: 'two hands: a whole hand, and some',
  otherThings: 'Gloves pegged up with some fingers folded; hand prints on cards.',
  routine: {
    wholeGroup: 'Your hands out and away again, and everyone says.',
    smallGroup: 'Each shows some for the others, quick as a fish.',
    freeTable: 'Hand prints and number cards.',
  },
  sheet: 'shown, said, and whether it was seen or counted',
  home: 'Fingers round the door and gone: how many?',
};
