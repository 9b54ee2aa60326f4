export default {
  tag: 'Demo',
  here: 'This is the demo nursery. Every child in it is made up.',
  setUp: 'Set up your own nursery',
};
