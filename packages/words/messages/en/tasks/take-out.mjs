export default {
  name: 'Take some out',
  say: 'There are {from} in the tin. I’m taking some out. How many are left?',
  avoid: 'Don’t tip the tin, and don’t count back for the child.',
  childDoes: 'sees some taken from a tin, and says how many are left',
  setOut: 'in a tin, counted in together; then take out {few}',
  also: 'a tin that can’t be seen into',
  easier: 'take one out only',
  harder: 'some in and some out again',
  otherThings: 'Boats leaving the harbour under a cloth.',
  routine: {
    wholeGroup: 'Five in the boat, two get out: how many are still aboard?',
    smallGroup: 'One takes out, the others say how many are left.',
    freeTable: 'A tin, corks, and number cards to lay beside it.',
  },
  sheet: 'in the tin, taken out, and what the child said',
  home: 'Six on the plate, two eaten.',
};
