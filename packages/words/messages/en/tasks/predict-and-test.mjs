export default {
  name: 'Think first, then test',
  say: 'Which do you think has more? Just by looking.',
  again: {
    setOut: 'both lined up from the same end, one facing one',
    say: 'Now let’s see. Which has more?',
  },
  choosing: {
    question: 'Which one did they take?',
    options: {
      'left-set': 'the left one',
      'right-set': 'the right one',
    },
  },
  avoid: 'Take the guess before anything is moved. A changed mind is as good as a right guess.',
  childDoes: 'says which set has more by looking, then finds out by lining them up',
  setOut: 'side by side as on the screen, both from the child’s end',
  easier: 'two and five',
  harder: 'one more or one fewer between them',
  otherThings: 'Boots along two walls, cups on two trays.',
  routine: {
    wholeGroup: 'Two baskets: hands up for a guess, then a row on the floor.',
    smallGroup: 'One guesses, the next lines them up.',
    freeTable: 'Two mats, a bowl of corks and a string to line up along.',
  },
  sheet: 'what was thought, what was found',
  home: 'Which bag has more apples? Look first, then line them up.',
};
