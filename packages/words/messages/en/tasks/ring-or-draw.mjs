export default {
  name: 'Count, then draw',
  say: 'Count them. Now draw as many.',
  ways: {
    ring: {
      name: 'ring them',
      say: 'Count them. Now ring as many in the picture.',
    },
    draw: {
      name: 'draw them',
    },
  },
  avoid: 'Don’t say the number again while the child draws.',
  childDoes: 'counts, then rings or draws as many, and checks',
  setOut: 'in a row',
  also: 'paper and a crayon',
  easier: 'two or three',
  harder: 'turn away before drawing; come back to check',
  otherThings: 'Stickers, stamps, a cross for each.',
  routine: {
    wholeGroup: 'Count the boats on the canal, draw as many in the air.',
    smallGroup: 'Each counts a cupful and draws it.',
    freeTable: 'A collection, paper and crayons.',
  },
  sheet: 'a box to draw in',
  home: 'Count the apples, and draw as many.',
};
