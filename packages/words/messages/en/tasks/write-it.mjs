export default {
  name: 'Write the number I say',
  say: 'Can you write {n}?',
  avoid: 'Don’t draw it in the air, and put the number line out of sight.',
  childDoes: 'writes a numeral from its name',
  also: 'the screen, or paper and a pencil',
  easier: 'beside a model',
  harder: 'the teens',
  otherThings: 'A slate, a menu to fill in, tickets for the boat.',
  routine: {
    wholeGroup: 'All write it on their own slate and hold it up.',
    smallGroup: 'One names a number, the others write it.',
    freeTable: 'Tickets, price labels, a queue to number.',
  },
  sheet: 'an empty page',
  home: 'Write the shopping list’s numbers together.',
};
