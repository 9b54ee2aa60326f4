export default {
  name: 'Show of hands',
  say: 'Shut your eyes and listen. How many fell in? Hands up for …',
  avoid: 'Don’t look at one child, and don’t say the right number louder.',
  childDoes: 'hears things drop into a tin, and puts a hand up for one of a few numbers',
  setOut: 'in your hand beside a tin',
  also: 'a tin that can’t be seen into',
  easier: 'two numbers far apart',
  harder: 'three numbers next to each other',
  otherThings: 'Drum beats, claps under the table.',
  routine: {
    wholeGroup: 'The whole circle, eyes shut, one tin.',
    smallGroup: 'Each shows the number on fingers instead.',
    freeTable: 'A tin, corks, and number cards to lay beside it.',
  },
  sheet: 'a hand for each number, and how many there were',
  home: 'Pasta into a pan, eyes shut: how many?',
};
