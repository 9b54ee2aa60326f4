export default {
  name: 'One in each cell',
  say: 'Put one in each cell. Then count them for me.',
  avoid: 'Don’t fill a cell yourself, and leave any spares in the child’s hand.',
  childDoes: 'puts one in each cell, then counts; extras stay outside',
  setOut: 'in a dish beside an empty frame',
  also: 'a frame of five, ten or twenty cells: the next that holds them all',
  easier: 'without a frame, each one moved aside',
  harder: 'out of the frame, in a row',
  otherThings: 'Egg boxes with corks, a muffin tin with shells.',
  adaptations: {
    vision: 'A frame with raised walls on a non-slip mat; one hand feels for the next empty cell.',
  },
  routine: {
    wholeGroup: 'Coats on pegs: one each, and how many pegs are full?',
    smallGroup: 'Each child loads a barge with a cell for each crate.',
    freeTable: 'Frames of five and ten, and a basket with more than enough.',
  },
  sheet: 'the frame, with what was said in each cell',
  home: 'One roll in each hole of the baking tin.',
};
