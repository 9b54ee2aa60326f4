export default {
  'stable-order': 'Number words in order',
  'one-to-one': 'One-to-one',
  cardinality: 'How many',
  'counting-on-and-back': 'Counting on and back',
  comparing: 'Comparing sets',
  'numeral-recognition': 'Reading numerals',
  'numeral-formation': 'Writing numerals',
  'seeing-how-many': 'Seeing how many',
  'parts-and-wholes': 'Parts and wholes',
  'sorting-and-recording': 'Sorting and recording',
};
