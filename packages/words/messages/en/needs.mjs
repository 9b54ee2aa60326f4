export default {
  vision: 'sight',
  hearing: 'hearing',
  movement: 'movement',
  speech: 'speech',
  language: 'language',
  attention: 'attention',
};
