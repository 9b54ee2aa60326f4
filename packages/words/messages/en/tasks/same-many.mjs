export default {
  name: 'Make as many',
  say: 'Look at these. Make just as many with the others.',
  avoid: 'Don’t say a number, and leave the first set where it is.',
  childDoes: 'makes as many with other things; starts again, or adds and takes away',
  setOut: 'in a pile, with a row of the others in front of it to look at',
  easier: 'a place for each, so that matching alone will do',
  harder: 'the first set covered after a look',
  otherThings: 'As many shells as claps, as many boats as children here.',
  routine: {
    wholeGroup: 'As many chairs as children: fetch them in one go.',
    smallGroup: 'Each makes a plate just like the next child’s.',
    freeTable: 'Two baskets, and plates in pairs.',
  },
  sheet: 'both sets, and whether they started again or put it right',
  home: 'As many spoons as bowls.',
};
