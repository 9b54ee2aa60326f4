export default {
  name: 'Say the numbers',
  say: 'How far can you count? Start at one.',
  avoid: 'Listen. Don’t say a number, and don’t nod the child on.',
  childDoes: 'says the numbers as far as they go',
  easier: 'to five only, taking turns word by word with you',
  harder: 'one word to each step, so that the words come apart',
  otherThings: 'Walking along the towpath, climbing the lock steps, getting dressed.',
  routine: {
    wholeGroup: 'Counting everyone in at the gate in the morning, you pointing.',
    smallGroup: 'Round the ring, each child one number on.',
    freeTable: 'The number steps painted by the lock, for anyone to walk.',
  },
  sheet: 'the words as they came, with the place of the first slip',
  home: 'Count the stairs up to bed, one word to a stair.',
};
