export default {
  name: 'What’s this number?',
  say: 'What’s this number?',
  avoid: 'Don’t say it, and don’t trace it in the air. Wait: a long look often comes before the name.',
  childDoes: 'says the name of a numeral',
  also: 'the card on the screen, turned to the child, or one of yours with {n}',
  easier: 'find it among others; numerals to five',
  harder: 'the teens, and 20',
  otherThings: 'Numbers on boats, doors and jar lids; the room’s own cards.',
  routine: {
    wholeGroup: 'A numeral is drawn out of a bag bit by bit: what will it be?',
    smallGroup: 'Cards face down: turn one, say it, keep it.',
    freeTable: 'A box of numerals to feel and to name.',
  },
  sheet: 'which numerals, and what was said',
  home: 'What’s the number on this door? And on this bus stop?',
};
