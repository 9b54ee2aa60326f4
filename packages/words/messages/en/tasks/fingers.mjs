export default {
  name: 'Show it on fingers',
  say: 'Show me {n} fingers.',
  avoid: 'Don’t show it on your own hands.',
  childDoes: 'shows a number on fingers, then one more',
  easier: 'numbers on one hand',
  harder: 'two hands, then one more',
  otherThings: 'Gloves, or prints of hands to lay out.',
  routine: {
    wholeGroup: 'Fingers up, eyes shut: then look round.',
    smallGroup: 'One shows, the next shows one more.',
    freeTable: 'Hand prints and number cards.',
  },
  sheet: 'asked for, shown, and how',
  home: 'How old are you? Show me. And on your next birthday?',
};
