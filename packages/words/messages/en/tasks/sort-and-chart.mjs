export default {
  name: 'Sort and chart',
  say: 'Sort them. How many of each? How many altogether?',
  avoid: 'Don’t add them up for the child.',
  childDoes: 'sorts by kind, counts each, checks that the kinds make the whole, and says which has most',
  setOut: 'in one heap',
  also: 'a mat for each kind, a chart',
  easier: 'two kinds, five in all',
  harder: 'four kinds; read the chart the next day',
  otherThings: 'Coats by colour, leaves by shape; a raised chart with a shape for each kind.',
  routine: {
    wholeGroup: 'Everyone in a line by their boots: which line is longest?',
    smallGroup: 'A mixed tray between them, a kind each.',
    freeTable: 'A sorting tray and chart strips.',
  },
  sheet: 'a chart with a column for each kind',
  home: 'Sort the clean socks: how many of each, and how many in all?',
};
