export default {
  vision: 'Sight',
  hearing: 'Hearing',
  movement: 'Movement',
  speech: 'Speech',
  language: 'Language',
  attention: 'Attention',
  inline: {
    vision: 'sight',
    hearing: 'hearing',
    movement: 'movement',
    speech: 'speech',
    language: 'language',
    attention: 'attention',
  },
};
