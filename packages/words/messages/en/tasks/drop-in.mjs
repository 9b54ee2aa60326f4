export default {
  name: 'Drop some in',
  say: 'Listen: {from} are in the tin, and now some more. How many are in it?',
  avoid: 'Don’t let the child look in, and don’t say how many fell.',
  childDoes: 'hears more drop into a tin, and says how many there are now',
  setOut:
    'in your hand beside a tin: drop in {from}, counting together, then {few, plural, one {1 more} other {# more}}',
  also: 'a tin that can’t be seen into',
  easier: 'with both groups in view',
  harder: 'take some out again',
  otherThings: 'Marbles in a jug; the screen’s own tin where sounds are hard to hear.',
  routine: {
    wholeGroup: 'Eyes shut: everyone listens and shows the number on fingers.',
    smallGroup: 'One drops, the others say how many.',
    freeTable: 'A tin, corks, and number cards to lay beside it.',
  },
  sheet: 'in the tin, dropped in, and what the child said',
  home: 'Pegs into a tin: three, and two more.',
};
