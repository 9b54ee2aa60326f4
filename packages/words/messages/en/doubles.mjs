export default {
  title: 'The same try?',
  same: 'The same: use {name}’s',
  two: 'Two tries: keep both',
};
