export default {
  name: 'Write it in the air',
  say: 'Let’s write {n} in the air. Big!',
  avoid: 'Don’t hold the child’s hand unless they ask.',
  childDoes: 'writes a numeral in the air with the whole arm',
  also: 'the words for each stroke',
  easier: 'with your finger going along; a numeral of one stroke',
  harder: 'over the numeral on paper',
  otherThings: 'A ribbon on a stick, a wet brush on the wall.',
  routine: {
    wholeGroup: 'All stand and write it three times, with the words.',
    smallGroup: 'One writes on another’s back: which is it?',
    freeTable: 'A tray of sand, and cards to look at.',
  },
  home: 'Write it big in the air at the bus stop.',
};
