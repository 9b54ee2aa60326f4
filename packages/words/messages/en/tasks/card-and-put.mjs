export default {
  name: 'Read it and put it',
  say: 'Read what it says, and put that many.',
  ways: {
    card: {
      name: 'a card',
    },
    plate: {
      name: 'a plate',
    },
    envelope: {
      name: 'an envelope',
    },
  },
  avoid: 'Don’t say the number. If the child reads another one, write that down and let them go on.',
  childDoes: 'reads a card, plate or envelope and puts that many',
  setOut: 'in a pile beside the written number',
  also: 'a card, plate or envelope with the number on it',
  easier: 'the same number, told instead of read',
  harder: 'several numbers, one after another',
  otherThings: 'Parking places for boats, tickets for a trip, post for the lock.',
  adaptations: {
    vision: 'The number raised or in braille, on a card that stays put.',
  },
  routine: {
    wholeGroup: 'An envelope a day: what does it ask for?',
    smallGroup: 'Each draws a card and fills their own plate.',
    freeTable: 'Plates with numbers on the rim.',
  },
  sheet: 'the number shown, the number put',
  home: 'A note by the fruit bowl: bring me 3.',
};
