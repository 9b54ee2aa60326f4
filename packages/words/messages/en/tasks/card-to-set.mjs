export default {
  name: 'A card for each set',
  say: 'Give each set its card.',
  avoid: 'Don’t lay a card down yourself. Let a wrong one lie, and ask the child to check.',
  childDoes: 'puts the number card with its set',
  also: 'four sets, and a card for each, as on the screen',
  easier: 'two sets, far apart in number',
  harder: 'six sets, neighbours among them',
  otherThings: 'Boats and numbered moorings, jars and numbered lids.',
  routine: {
    wholeGroup: 'Hoops with things in them: who brings the card?',
    smallGroup: 'Each child has a set, cards go round the table.',
    freeTable: 'Sets in lidded jars, numbered lids beside them.',
  },
  sheet: 'which card went to which set',
  home: 'Put the right number beside each pile of spoons.',
};
