export default {
  name: 'Find every picture with so many',
  say: 'Find every picture with {n}.',
  avoid: 'Don’t count a picture for the child, and don’t say how many there are to find.',
  childDoes: 'finds every picture with a number of things',
  also: 'the pictures on the screen, or your own',
  easier: 'two and three among ones',
  harder: 'pictures where the things lie loose',
  otherThings: 'Dice left lying, plates with corks, windows of the house.',
  routine: {
    wholeGroup: 'Pictures on the wall: hands on a head for each four.',
    smallGroup: 'Picture cards spread out; each child looks for one number.',
    freeTable: 'Cards and bowls to sort them into.',
  },
  sheet: 'found, left, taken by mistake',
  home: 'Which plates have four? Find them all.',
};
