export default {
  name: 'Go over it',
  say: 'Here’s {n}. Go over it with the pen.',
  ways: {
    faded: {
      name: 'pale lines',
    },
    dotted: {
      name: 'dotted lines',
    },
  },
  avoid: 'Don’t say where it begins before the child has begun.',
  childDoes: 'goes over a pale or dotted numeral',
  also: 'the screen, or a strip with {n} printed pale',
  easier: 'with a finger first; one stroke',
  harder: 'beside a model',
  otherThings: 'Chalk, a wet finger on slate, paint.',
  routine: {
    wholeGroup: 'Everyone goes over a large one on the floor with their feet.',
    smallGroup: 'Each goes over the same one in another colour.',
    freeTable: 'Strips under a clear sheet, pens that wipe off.',
  },
  sheet: 'a strip of pale numerals',
  home: 'Go over the numbers on a calendar with a finger.',
};
