export default {
  hand: {
    unsaid: 'not known',
    left: 'left',
    right: 'right',
  },
  mouths: {
    unsaid: 'nobody has said',
    yes: 'still mouths things',
    no: 'doesn’t',
  },
  needs: {
    vision: 'Sight',
    hearing: 'Hearing',
    movement: 'Movement',
    speech: 'Speech',
    language: 'Language',
    attention: 'Attention',
  },
  notYet: {
    die: 'rolling a die and finding it',
    envelope: 'opening an envelope',
    cup: 'finding a cup again',
  },
};
