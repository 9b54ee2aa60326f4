export default {
  name: 'Count a row',
  say: 'Count these for me, and touch each one.',
  avoid: 'Wait. Don’t say a number or nod at one.',
  childDoes: 'touches and counts a row',
  setOut: 'a thumb’s width apart',
  easier: 'the same number, moving each one aside',
  harder: 'pictures, which cannot be straightened',
  otherThings: 'Shells for corks; things of two sizes; things all alike.',
  routine: {
    wholeGroup: 'Boats along the shelf, counted with one long finger.',
    smallGroup: 'Each child sets out a row for the next.',
    freeTable: 'Rows on strips of card, to count and turn over.',
  },
  sheet: 'a row of rings, with what was said under each',
  home: 'Shoes along the wall.',
};
