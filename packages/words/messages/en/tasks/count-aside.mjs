export default {
  name: 'Count, moving each aside',
  say: 'Count these, and move each one over here as you count it.',
  avoid: 'Show the place with an open hand. Don’t move any yourself.',
  childDoes: 'counts, moving each aside',
  setOut: 'in a loose heap, with room beside it',
  easier: 'you hand them over one by one, a word to each',
  harder: 'the same number in a row, touched but not moved',
  otherThings: 'Jar lids for acorn cups; things that roll in a tray with a rim.',
  routine: {
    wholeGroup: 'Unloading the barge: every crate counted on to the bank.',
    smallGroup: 'Counting the snack plates across the table.',
    freeTable: 'A tray with a line down the middle, and a basket of things.',
  },
  sheet: 'two fields, not yet and done, with the words',
  home: 'Potatoes from the bag into the pot.',
};
