export default {
  name: 'How many?',
  say: 'Count these for me.',
  thenSay: 'How many are there?',
  avoid: 'Ask once, as if you didn’t know. Leave the things as they are.',
  childDoes: 'counts, then is asked how many',
  setOut: 'a thumb’s width apart',
  easier: 'two or three, in a cup, asked at once',
  harder: 'giving a number, with nothing set out to count',
  otherThings: 'Claps, steps, spoons: anything that can be counted and asked about.',
  routine: {
    wholeGroup: 'Counting the post at the door, then: how many letters have we got?',
    smallGroup: 'One child counts under the cloth, the others ask.',
    freeTable: 'Cups with things in, and cards to put beside them.',
  },
  sheet: 'the count, the answer, and whether it was counted again',
  home: 'Count the socks, and ask once: how many?',
};
