export default {
  name: 'Two cards',
  say: 'Which card is more?',
  choosing: {
    question: 'Which one did they take?',
    options: {
      'left-set': 'the left one',
      'right-set': 'the right one',
    },
  },
  avoid: 'Don’t read the cards out. Ask for proof with things once the child has chosen.',
  childDoes: 'says which of two number cards is more, and proves it on frames',
  also: 'two number cards as on the screen, frames and corks to prove it',
  easier: 'numbers far apart, under six',
  harder: 'numbers next to each other, past ten',
  otherThings: 'Numbers on boat sides, house numbers, two dice with numerals.',
  routine: {
    wholeGroup: 'Two cards up: step towards the one that is more.',
    smallGroup: 'Each turns a card; the one with more keeps both.',
    freeTable: 'A pile of cards and two frames.',
  },
  sheet: 'both cards, and which was taken',
  home: 'Which of these two house numbers is more?',
};
