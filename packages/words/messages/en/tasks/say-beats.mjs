export default {
  name: 'Say one to a beat',
  say: 'One number for every clap. I clap, you count.',
  avoid: 'Keep the beat even and unhurried. Don’t mouth the words.',
  childDoes: 'says one word to each clap, jump or beat',
  also: 'a drum, or two hands',
  easier: 'without the beat, at the child’s own pace',
  harder: 'the beat becomes a thing moved aside',
  otherThings: 'Oar strokes, knocks on the boat’s side, jumps from stone to stone.',
  caution: 'Jumps on a dry, clear floor only, away from the water’s edge.',
  routine: {
    wholeGroup: 'Clapping the days of the month together.',
    smallGroup: 'One child drums, another counts.',
    freeTable: 'A drum with a card of how many beats.',
  },
  sheet: 'beats and words side by side',
  home: 'One number to each spoon of porridge stirred.',
};
