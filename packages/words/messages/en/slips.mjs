export default {
  zeroFirst: 'Zero first',
  oneLanguage: 'One language only',
  otherWord: 'Different word …',
  startedAgain: 'Started again',
  corrected: 'Corrected themselves',
  missedDrop: 'Missed a drop',
  wordNoDrop: 'Word, no drop',
  twoInOne: 'Two in one place',
  firstWord: 'Now counting: first word',
  title: 'Slips',
};
