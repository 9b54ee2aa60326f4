export default {
  name: 'How many under the cloth?',
  say: 'There were {from}. Some are hiding. How many are under the cloth?',
  avoid: 'Don’t lift a corner, and don’t point at the gap.',
  childDoes: 'sees some of a number, and says how many are covered',
  setOut: 'in a row, counted together; then cover {makes} with a cloth',
  also: 'a cloth',
  easier: 'two or three in all, one covered',
  harder: 'on a frame, as two fours, with the empty cells in view',
  otherThings: 'Shells under a cup.',
  routine: {
    wholeGroup: 'What is missing? Five on the tray, a cloth, a peep.',
    smallGroup: 'Taking turns to cover some.',
    freeTable: 'A cloth, a tray, and cards from two to six.',
  },
  sheet: 'in all, in view, and what the child said',
  home: 'Six biscuits, a tea towel over some.',
};
