export default {
  name: 'From the other end',
  say: 'Count these for me, from this end.',
  thenSay: 'How many are there?',
  again: {
    setOut: 'Point to the other end.',
    say: 'If you start over here, how many will there be?',
  },
  ways: {
    'other-end': {
      name: 'from the other end',
    },
    'this-is-one': {
      name: 'with a middle one as “one”',
      setOut: 'Point to one in the middle: “Make this one number one.”',
    },
  },
  avoid: 'Ask before the child begins to count again.',
  childDoes: 'says how many there will be from the other end, or with this one as one',
  setOut: 'a thumb’s width apart',
  easier: 'from one end only',
  harder: 'one in the middle is to be “one”',
  otherThings: 'Steps up and down again, a queue from its other end.',
  routine: {
    wholeGroup: 'Counting the line of children from the front, then from the back.',
    smallGroup: 'Two children count one row towards each other.',
    freeTable: 'Rows on strips of card, to turn round.',
  },
  sheet: 'both answers, and whether it was counted again',
  home: 'The stairs, up and then down.',
};
