export default {
  name: 'Otter says the numbers',
  say: 'Otter is still learning. Listen: did he get it right?',
  choosing: {
    question: 'Did Otter get it right?',
    options: {
      right: 'said it was right',
      'not-right': 'said it was not',
    },
  },
  avoid: 'Play it once, twice if asked. Keep your face still at the slip.',
  childDoes: 'says whether the puppet’s counting was right',
  also: 'a hand puppet or a sock, if you have one',
  easier: 'to five, the slip at three',
  harder: 'the child shows Otter how it goes',
  otherThings: 'A sleepy uncle, a story bear, you yourself.',
  adaptations: {
    hearing: 'The words are signed, or shown one by one on cards.',
    speech: 'Two cards to point to, a smile and a puzzled face.',
  },
  routine: {
    wholeGroup: 'Otter counts the children in, and they call out when he slips.',
    smallGroup: 'Each child makes Otter count, right or wrong, for the others.',
    freeTable: 'The puppet in a basket, with nothing asked.',
  },
  sheet: 'what Otter said, and what the child said of it',
  home: 'Count the stairs wrongly, and wait to be caught.',
};
