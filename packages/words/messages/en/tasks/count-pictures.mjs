export default {
  name: 'Count pictures',
  say: 'How many are in the picture? {pictures, select, tick {Tick each one as you count.} other {Touch each one as you count.}}',
  avoid: 'Your finger stays off the page.',
  childDoes: 'ticks or touches each picture',
  setOut: 'on one sheet, as on the screen',
  also: 'the printed or drawn sheet, a pencil, if the room ticks each',
  easier: 'the things themselves, in a row',
  harder: 'scattered things, with no lines to follow',
  otherThings: 'A page of a book, the pattern on a cloth.',
  routine: {
    wholeGroup: 'Counting together on the big page, turning over to see.',
    smallGroup: 'Each child draws a page for the next to count.',
    freeTable: 'Picture cards with a lid to put on each.',
  },
  sheet: 'the picture itself, ticked',
  home: 'The animals in tonight’s book.',
};
