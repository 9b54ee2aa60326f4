export default {
  name: 'Ten and some',
  say: 'Here are ten, and {few} more. How many is that?',
  ways: {
    built: {
      name: 'put together',
    },
    'taken-apart': {
      name: 'taken apart',
      say: 'Here are {from}. Ten are here: how many are under the cloth?',
      setOut: 'ten in a frame, the rest under a cloth',
    },
  },
  avoid: 'Mix the numbers up. Don’t count the ten again for the child.',
  childDoes: 'makes a teen number from ten and some, and takes it apart again',
  setOut: 'ten in a frame, the rest beside it',
  easier: 'eleven and twelve',
  harder: 'out of order, and said both ways: seventeen, ten-seven',
  also: 'a ten card, and ones cards to lay over its nought',
  otherThings: 'A tower of ten and a second tower; a crate of ten and some loose.',
  routine: {
    wholeGroup: 'Ten steps of the lock, and some more: how many?',
    smallGroup: 'One lays the cards, the next builds it.',
    freeTable: 'Cards, a frame and corks.',
  },
  sheet: 'the number, which way, and what was said',
  home: 'Ten fingers of mine and some of yours: how many?',
};
