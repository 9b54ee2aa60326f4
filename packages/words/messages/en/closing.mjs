export default {
  title: '{name}, just now',
  onRecord: '{n, plural, one {1 try is} other {# tries are}} on record, whatever you write here.',
  learned: 'What we learned',
  nothingNew: 'Nothing new we can say yet. The tries are on record.',
  stillOpen: 'Still to find out',
  note: 'Anything else worth noting',
  notKept: 'This device could not save it ({problem}). Leave this page open and try again.',
  save: 'Save and finish',
  leftOut: 'This line will be left out.',
  inYourWords: 'In your words.',
  asItWas: 'Use our words',
  leaveOut: 'Leave out',
};
