export default {
  tapEachNumber: 'tap once for each number the child says',
  tapEachSaid: 'tap once for each number said',
  nothingLies: 'nothing lies here',
  tapNextPlace: 'next thing, put in the next place',
  tapNextWord: 'next thing, the next word',
  tapTouched: 'tap the thing the child touched',
  tapNextThing: 'next thing, one word with one touch',
  hold: 'Hold to see what’s recorded',
  beginning: 'the beginning',
  next: 'Next: {why}',
  why: 'Why: {why}',
  tapPutIn: 'tap for each one put in, with the word said',
};
