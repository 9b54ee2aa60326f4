export default {
  name: 'Write it in braille',
  say: 'Write {n} for me.',
  avoid: 'Don’t press a key yourself. Say the number once.',
  childDoes: 'writes a numeral on six keys, or with a stylus',
  also: 'a brailler or a slate and stylus, and paper',
  easier: 'the sign is there already; one digit',
  harder: 'two digits; a row of numbers with a space between',
  otherThings: 'Pegs in a board of six holes, eggs in half an egg box.',
  routine: {
    wholeGroup: 'Six chairs, two by three: who sits down for five?',
    smallGroup: 'Each writes one, the next reads it.',
    freeTable: 'A brailler, paper and a pile of cards to copy.',
  },
  sheet: 'each cell as it was written',
  home: 'Six egg cups, two by three: show me five.',
};
