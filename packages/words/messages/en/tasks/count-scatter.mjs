export default {
  name: 'Count scattered things',
  say: 'Count these where they are. Touch each one, and leave it there.',
  avoid: 'Don’t line them up, and don’t point to where to start.',
  childDoes: 'counts scattered things that may not be moved',
  setOut: 'scattered as on the screen, none touching',
  easier: 'the same number in a row',
  harder: 'a ring: no beginning and no end',
  otherThings: 'Leaves stuck to a sheet; shells pressed into sand.',
  routine: {
    wholeGroup: 'Ducks on the water, seen from the window: did we have this one?',
    smallGroup: 'Each child finds a way not to lose count, and shows it.',
    freeTable: 'Sheets of stuck-down leaves with a pot of lids to cover each.',
  },
  sheet: 'the scattered things, with the order in which they were touched',
  home: 'Crumbs on the table before they are wiped away.',
};
