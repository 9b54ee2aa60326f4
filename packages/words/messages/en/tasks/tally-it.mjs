export default {
  name: 'Tally them',
  say: 'One stroke for each{recorded, select, remove {, and back in the bag with it} other {}}. The fifth goes across{tally, select, level {, level} other {}}.',
  avoid: 'Don’t say the numbers along with the strokes.',
  childDoes: 'makes a stroke for each thing, the fifth across, and counts the strokes against the things',
  setOut: 'in a heap',
  also: 'a tally sheet',
  easier: 'three or four, no bundle yet',
  harder: 'ten and more; boats as they pass',
  otherThings: 'Sticks laid instead of strokes, marks in sand.',
  routine: {
    wholeGroup: 'Tally who came by boat, by bike, on foot.',
    smallGroup: 'Each tallies one kind from a mixed tray.',
    freeTable: 'A clipboard by the window.',
  },
  sheet: 'a tally sheet',
  home: 'A stroke for every red car; the fifth goes across.',
};
