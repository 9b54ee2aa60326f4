export default {
  name: 'Put two sets together',
  say: '{from} here and {few} here. How many in all?',
  avoid: 'Don’t push them together yourself.',
  childDoes: 'says how many two sets are together',
  setOut: 'as {from} on one side and {few} on the other',
  easier: 'count each set first, then all of them',
  harder: 'cover the first set before you ask',
  otherThings: 'Corks in two lids.',
  routine: {
    wholeGroup: 'Children on two sides of the rug: how many in all?',
    smallGroup: 'Two trays poured into one.',
    freeTable: 'Two lids, a basket, and number cards.',
  },
  sheet: 'the two sets, and what the child said',
  home: 'Your spoons and mine: how many altogether?',
};
