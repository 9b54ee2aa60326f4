export default {
  title: 'The same try?',
  same: 'The same: use {name}’s',
  two: 'Two tries: keep both',
  other: 'See the other',
  takeBack: 'Ask again',
  saidTwo: '{by} said this and another are two tries. {moment}',
  thisCounts: '{by} said this and another are the same try; this one counts. {moment}',
  otherCounts: '{by} said this and another are the same try; the other one counts. {moment}',
  whichWhy: 'Why this one?',
  fuller: 'there is more in it',
  sat: 'they sat with the child',
  cutShort: 'the other was cut short',
};
