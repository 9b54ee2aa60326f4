export default {
  left: '{n, plural, one {1 cell left} other {# cells left}}',
  sure: 'Place {n} now: whatever the child does, the last one can be yours.',
  noneSure: 'The child can win from here, by leaving you a multiple of {n}.',
  won: 'The frame is full.',
  place: 'Place {n}',
  again: 'Empty it',
  title: 'For you: where the game stands',
};
