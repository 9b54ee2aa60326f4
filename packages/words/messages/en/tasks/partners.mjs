export default {
  name: 'A partner for each',
  say: 'Give each one a partner. Is one left over?',
  choosing: {
    question: 'What did they say?',
    options: {
      'all-paired': 'all have a partner',
      'one-over': 'one is left over',
    },
  },
  avoid: 'Look, notice, and only then name odd and even.',
  childDoes: 'puts things in pairs, and says whether one is left over',
  setOut: 'in a heap',
  easier: 'two, three and four',
  harder: 'say it before pairing, and why',
  otherThings: 'Boots, mittens, children in a line two by two.',
  routine: {
    wholeGroup: 'Hand in hand to the canal: is anyone alone?',
    smallGroup: 'Cards one to ten in order, pairs of corks under each.',
    freeTable: 'A heap of corks and a strip for pairs.',
  },
  sheet: 'how many, and whether one was over',
  home: 'Socks from the wash: does every one have a partner?',
};
