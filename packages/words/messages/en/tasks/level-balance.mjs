export default {
  name: 'Make it level',
  say: 'Put some on this side so that both sides weigh the same.',
  ways: {
    numeral: {
      name: 'a numeral',
    },
    picture: {
      name: 'a picture of so many',
      say: 'Which number makes it level? Put it on.',
      setOut: 'beside a balance, a picture on its other side as on the screen, and numerals to choose from',
    },
    'two-numerals': {
      name: 'two numerals',
    },
    'numeral-and-set': {
      name: 'a numeral and a set',
    },
  },
  avoid: 'Wait until the beam is still. Then count the pan together.',
  childDoes: 'puts things on a balance until both sides are level',
  setOut: 'beside a balance, its other side laden as on the screen',
  also: 'a balance with weighted numerals, or the screen’s own',
  easier: 'numerals to three',
  harder: 'the same on paper, without the beam',
  otherThings: 'A coat hanger with two cups; number tiles that weigh what they say.',
  routine: {
    wholeGroup: 'A plank over a log: who sits where to make it level?',
    smallGroup: 'One loads a side, the next makes it level.',
    freeTable: 'The balance, and cards for one side.',
  },
  sheet: 'what lay on one side, and how many made it level',
  home: 'Two bags on a stick: make them hang level.',
};
