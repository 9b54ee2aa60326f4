export default {
  title: 'Answered by',
  alone: 'the child',
  'with-others': 'with friends',
  others: 'friends',
};
