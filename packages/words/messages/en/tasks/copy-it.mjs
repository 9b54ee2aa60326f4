export default {
  name: 'Copy it',
  say: 'Here’s {n}. Can you write one like it?',
  avoid: 'Don’t write it while the child watches your hand: the card is enough.',
  childDoes: 'writes a numeral beside a model',
  also: 'the screen, or a card with {n} beside the paper, away from the writing hand',
  easier: 'going over it first',
  harder: 'without the model',
  otherThings: 'Pencils, brushes, chalk.',
  routine: {
    wholeGroup: 'A numeral of the day to copy at the door.',
    smallGroup: 'Each copies for a neighbour’s shop.',
    freeTable: 'Cards, paper and pencils.',
  },
  sheet: 'the model and an empty space',
  home: 'Copy the number of your house.',
};
