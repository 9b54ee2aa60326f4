export default {
  name: 'Number walk',
  say: 'At each letter there’s a set. How many? Write it beside the letter.',
  avoid: 'Don’t walk ahead, and don’t check on the way. The sheet tells afterwards.',
  childDoes: 'walks round the room to sets at letters, and writes or lays how many at each',
  also: 'a set at each letter as on the screen, and a sheet with the letters; type in afterwards what is on it',
  easier: 'three letters, number cards to lay instead of writing',
  harder: 'ten letters, pictures that can’t be touched',
  otherThings: 'Along the towpath, up the stairs, in the coat room.',
  caution: 'Nothing at head height, on the stairs or by the water without an adult beside it.',
  routine: {
    wholeGroup: 'One set at a time, carried in: everyone writes it in the air.',
    smallGroup: 'Two go together, one counts and one writes.',
    freeTable: 'The letters stay up all week, sheets on a clipboard.',
  },
  sheet: 'a letter and a box for each place',
  home: 'How many at A, the hooks? At B, the steps? Write it down.',
};
