export default {
  name: 'Find every one',
  say: 'Find every {n}.',
  avoid: 'Don’t say how many there are to find.',
  childDoes: 'finds every card with a number, look-alikes among them',
  also: 'the cards on the screen, or your own',
  easier: 'one of it, among three others',
  harder: 'two numbers to look for at once',
  otherThings: 'A page of numerals to ring, letters and numbers mixed.',
  routine: {
    wholeGroup: 'Numbers pinned up all round: everyone points to each five.',
    smallGroup: 'Cards spread out, each child hunts for one number.',
    freeTable: 'A tray of numerals and a cup for each kind.',
  },
  sheet: 'found, left, taken by mistake',
  home: 'How many fives can you find in this leaflet?',
};
