export default {
  name: 'Otter counts things',
  say: 'Watch Otter’s paw. Did he count them right?',
  choosing: {
    question: 'Did Otter get it right?',
    options: {
      right: 'said it was right',
      'not-right': 'said it was not',
    },
  },
  avoid: 'Play it once, twice if asked. Touch nothing yourself.',
  childDoes: 'spots the puppet’s skip or double touch',
  setOut: 'in a row on the screen: let the child see it, or set them out and move the puppet yourself',
  also: 'a hand puppet, if you have one',
  easier: 'four things, the slip plain to see',
  harder: 'the child counts, and Otter is the judge',
  otherThings: 'Plates at snack, coats on pegs, boats along the wall.',
  adaptations: {
    vision: 'The child’s hand rides on the puppet, if they like that; each touch is felt.',
    speech: 'Two cards to point to, a smile and a puzzled face.',
  },
  routine: {
    wholeGroup: 'Otter hands out the cups and counts as he goes.',
    smallGroup: 'A slip for the others to find, made by each in turn.',
    freeTable: 'The puppet, a row of shells, nothing asked.',
  },
  sheet: 'where the paw went, and what the child said of it',
  home: 'Count the spoons and miss one out, to be caught.',
};
