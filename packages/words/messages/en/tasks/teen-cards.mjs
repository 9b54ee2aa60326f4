export default {
  name: 'Over the zero of ten',
  say: 'Make {n} with the ten card and a small one.',
  choosing: {
    question: 'What did it come to?',
    options: {
      'made-it': 'the small card over the zero: it shows the number',
      'turned-round': 'the digits the other way round',
      'beside-the-zero': 'the small card beside the ten',
      'another-number': 'another number',
    },
  },
  avoid: 'Don’t lay the first card. Say the number once, slowly.',
  childDoes: 'lays a ones card over the zero of the ten card',
  also: 'a ten card, and cards 1 to 9 half as wide',
  easier: 'eleven and sixteen to nineteen',
  harder: 'take it apart again: what is under the seven?',
  otherThings: 'Ten corks in a strip and a few more, beside the cards.',
  routine: {
    wholeGroup: 'A large ten on the wall: who covers the zero?',
    smallGroup: 'Each has a ten card; small ones from the pile.',
    freeTable: 'Ten cards, small cards and strips of ten.',
  },
  sheet: 'the number, and what it came to',
  home: 'Write 10, and cover the zero with a scrap of paper: what is it now?',
};
