export default {
  title: 'Respondió',
  alone: 'el peque',
  'with-others': 'con otros',
  others: 'otros',
};
