export default {
  name: 'How many more to ten?',
  say: 'Ten fill this frame. How many more?',
  avoid: 'Don’t point at the empty cells one by one. A full frame needs none.',
  childDoes: 'says how many more fill a frame of ten',
  setOut: 'from the first cell on, top row first',
  easier: 'nine, eight or seven in it',
  harder: 'without the frame: a card, and how many more to ten',
  otherThings: 'An egg box of ten, ten pegs on a line.',
  routine: {
    wholeGroup: 'Ten children on the bench: how many more fit?',
    smallGroup: 'Turn a card from nought to ten; the others show the rest on fingers.',
    freeTable: 'Frames, corks and cards.',
  },
  sheet: 'in the frame, and what was said',
  home: 'Ten toes: I hide some. How many are hidden?',
};
