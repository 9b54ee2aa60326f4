export default {
  name: 'Which side of ten?',
  say: 'Ten is in the middle. Which side does {n} go?',
  ways: {
    side: {
      name: 'which side',
    },
    'more-or-fewer': {
      name: 'more or fewer',
      say: 'Is {n} more than ten, or fewer?',
    },
  },
  choosing: {
    question: 'Where did they put it?',
    options: {
      'before-it': 'on the side of the smaller numbers',
      'after-it': 'on the side of the larger numbers',
    },
  },
  avoid: 'Don’t point along the line.',
  childDoes: 'puts numbers on their side of the middle of a line',
  also: 'a line with ten marked in the middle, and the card',
  easier: 'numbers far from ten',
  harder: 'nine and eleven; another number in the middle; no line in view',
  otherThings: 'A rope on the floor with a cork at ten, steps up and down.',
  caution: 'A rope on the floor is a tripping hazard: mark it, and put it away.',
  routine: {
    wholeGroup: 'Ten stands in the middle; everyone goes to their side with their card.',
    smallGroup: 'A card each, by turns, to the left or the right.',
    freeTable: 'A marked line and a pack of cards.',
  },
  sheet: 'the number and the side',
  home: 'Is seven before ten or after it? Jump to its side.',
};
