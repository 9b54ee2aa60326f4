export default {
  name: 'Read by touch',
  say: 'What’s this number?',
  avoid: 'Don’t guide the finger unless you have agreed on it, and don’t say where it is on the card.',
  childDoes: 'reads a numeral in braille, or raised, with the fingers',
  also: 'a card with {n} in braille or raised, in a frame that holds it still, its corner cut off at the top right',
  easier: 'one digit, the sign felt together first',
  harder: 'two digits; the other braille code once this one is secure',
  otherThings: 'Lift buttons, door numbers, the tags on the coat hooks.',
  routine: {
    wholeGroup: 'Everyone feels a card with their eyes shut: what is on it?',
    smallGroup: 'A pack by turns: feel it, say it, keep it.',
    freeTable: 'Cards in a lidded box, with a thing glued on for each number.',
  },
  sheet: 'which numerals, in which code, and what was said',
  home: 'Feel the buttons in the lift: which one is three?',
};
