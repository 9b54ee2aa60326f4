export default {
  name: 'Go on from a number',
  say: '{startAgain, select, again {I’m at {n}. Say {n} too, and carry on.} other {I’m at {n}. You carry on.}}',
  avoid: 'Don’t say the next number, and stop the child kindly after three or four.',
  childDoes: 'counts on from a number',
  easier: 'what comes next, one number only',
  harder: 'across a ten, or with things dropping into a tin',
  otherThings: 'A step for each number, going on from a marked step.',
  routine: {
    wholeGroup: 'You count to a number and point; everyone carries on.',
    smallGroup: 'One starts, the next carries on from there.',
    freeTable: 'Number cards face down: turn one, and carry on.',
  },
  sheet: 'the number, and the next three words',
  home: 'Counting the stairs, going on from a landing.',
};
