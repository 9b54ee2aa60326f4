export default {
  title: 'As a group',
  hint: 'A routine shown to everyone, or numbers said together.',
  intro:
    'What the whole group was shown or said together. It is kept as the group’s and says nothing about one child, only that they have met it.',
  what: 'What it was',
  kinds: {
    shown: 'shown to the group',
    chorus: 'said together, in chorus',
  },
  who: 'Who was there (tap whoever was not)',
  togetherTo: 'Together up to which number (if you noticed)',
  wrongNumber: 'Write a whole number from 1 to 100, or leave it empty.',
  note: 'A note, if you like',
  keep: '{n, plural, one {Keep it, 1 child was there} other {Keep it, # children were there}}',
  lately: 'As a group, lately',
  line: {
    shown: '{day}: shown, {task}, to {n, plural, one {1 child} other {# children}}, by {name}.',
    chorus: '{day}: in chorus, {task}, {n, plural, one {1 child} other {# children}}, with {name}.',
  },
  reached: 'Together up to {n}.',
  shownToGroup: 'Shown to the group …',
  first: 'This room begins with {way}.',
};
