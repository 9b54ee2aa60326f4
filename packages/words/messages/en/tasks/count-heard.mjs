export default {
  name: 'Count the drops',
  say: 'Listen to them fall into the tin, and count them.',
  ways: {
    even: {
      name: 'evenly',
    },
    uneven: {
      name: 'unevenly',
    },
  },
  avoid: 'Look away from the tin yourself. Don’t nod at the drops.',
  childDoes: 'counts drops into a tin, unseen',
  setOut: 'into a real tin hidden by your hand, or let the tin on the screen drop them',
  also: 'a tin, if you drop them yourself',
  easier: 'claps that can be seen, one word to each',
  harder: 'unevenly, so that no rhythm carries the words',
  otherThings: 'Knocks on the boat, drips from the lock gate, bells.',
  adaptations: {
    vision: 'Nothing to see here: this is the task as it stands.',
    hearing: 'The silent tin: a light for each drop, or a tap on the arm.',
  },
  caution: 'Begin softly: loud sounds upset some children.',
  routine: {
    wholeGroup: 'Everyone with closed eyes: how many knocks?',
    smallGroup: 'One child drops, the others count on hidden fingers.',
    freeTable: 'Two tins and a basket of corks.',
  },
  sheet: 'drops and words side by side',
  home: 'Pegs into the washing basket, eyes shut.',
};
