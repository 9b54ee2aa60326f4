export default {
  'double-counted': {
    saw: 'counted one twice',
    move: 'moving each one aside as it is counted, so that nothing counted is left in reach',
    fitting: {
      movable: 'dropping each one into a box with a lid as it is counted, out of sight',
      frame: 'filling the cells first, then going along them with one finger',
      row: 'going along the row with one finger, from one end to the other and never back',
      pictures: 'ticking each one as it is counted',
      scattered: 'covering each one with a scrap of paper as it is counted',
      ring: 'putting a lid beside the first one, so that the round ends where it began',
      heard: 'putting up one finger for each drop',
    },
  },
  missed: {
    saw: 'missed one',
    move: 'moving each one aside, then looking together for any still waiting',
    fitting: {
      movable: 'dropping each one into a box with a lid, then looking together for any still outside',
      frame: 'going along the cells with one finger, then looking together for any without a word',
      row: 'going along the row with one finger, then looking together for any without a word',
      pictures: 'ticking each one, then looking together for any without a tick',
      scattered: 'covering each one with a scrap of paper, then looking together for any not covered',
      ring: 'putting a lid beside the first one, then looking together for any without a word',
      heard: 'letting the drops fall more slowly, one finger up for each',
    },
  },
  'word-without-touch': {
    saw: 'said a word with no touch',
    move: 'dropping each one into a cup, one word to one drop',
    fitting: {
      frame: 'putting one in a cell for each word',
      row: 'pushing each one a little as it is counted, one word to one push',
      pictures: 'one tick for each word, and no word without a tick',
      scattered: 'covering each one with a scrap of paper, one word to one scrap',
      ring: 'pushing each one a little as it is counted, one word to one push',
      heard: 'waiting for the drop before each word',
    },
  },
  'touch-without-word': {
    saw: 'touched one with no word',
    move: 'dropping each one into a cup, waiting for the word before the next',
    fitting: {
      frame: 'putting one in a cell, waiting for the word before the next',
      row: 'pushing each one a little, waiting for the word before the next',
      pictures: 'a tick and a word together, waiting for the word before the next',
      scattered: 'covering each one with a scrap of paper, waiting for the word before the next',
      ring: 'pushing each one a little, waiting for the word before the next',
      heard: 'letting the drops fall more slowly, with time for each word',
    },
  },
  'ran-on': {
    saw: 'went on past the last one',
    move: 'finding the last one together before the count, and stopping there',
    fitting: {
      movable: 'handing them over one at a time, stopping when the hand is empty',
      scattered: 'covering each one with a scrap of paper, and stopping when all are covered',
      ring: 'putting a lid beside the first one, and stopping when the finger comes back to it',
      heard: 'listening for the silence: when no drop falls, no word',
    },
  },
  skipped: {
    saw: 'skipped a number word',
    move: 'one step for each number along the towpath, slowing down where the word was skipped',
  },
  repeated: {
    saw: 'said a number word twice running',
    move: 'one clap for each number word, together, then the child alone',
  },
  swapped: {
    saw: 'swapped two number words',
    move: 'taking turns, one number word each, through the place where they swapped',
  },
  replaced: {
    saw: 'said another word in place of a number',
    move: 'saying the numbers together through that place, then the child alone',
  },
  inserted: {
    saw: 'added an extra number word',
    move: 'one clap for each number word, together, then the child alone',
  },
  'looped-back': {
    saw: 'looped back to an earlier number',
    move: 'walking the numbers up the lock steps, one word to a step and none twice',
  },
  recounted: {
    saw: 'counted them all again when asked how many',
    move: 'covering them with a cloth after the count, before asking how many',
  },
  other: {
    saw: 'gave a number that wasn’t the last word',
    move: 'counting three into a cup, saying the last word slowly, then asking how many are in the cup',
  },
  'two-in-one': {
    saw: 'put two in one place',
    move: 'offering one place at a time, and the next one only when that is filled',
  },
  'left-outside': {
    saw: 'left one out with a place still free',
    move: 'looking together for the place that still waits',
  },
  'counted-again': {
    saw: 'counted again or said a different number when asked again',
    move: 'two or three only, moved slowly while the child watches, saying “the same ones” before asking',
    fitting: {
      'other-end': 'two or three only, the finger going slowly back, saying “the same ones” before asking',
    },
  },
  'gave-another-number': {
    saw: 'gave a different number from the one asked for',
    move: 'counting each one aloud into the hand, and stopping together at the number',
    fitting: {
      'fill-to': 'counting each one aloud into the cup, and stopping together at the number',
      'change-a-into-b':
        'counting what is on the plate first, then one at a time, and stopping together at the number',
      'do-n': 'doing each one slowly together, and stopping together at the number',
      fingers: 'putting the fingers down on the table one by one, and stopping together at the number',
      'path-game': 'taking the steps together, one word to a square',
      'same-many': 'putting one beside each of the others, then looking along the row',
    },
  },
  'chose-another': {
    saw: 'did not spot whether Otter was right',
    move: 'slowing Otter down, and letting the child count the same set first',
    fitting: {
      'say-spot': 'slowing Otter down, and saying the same numbers together first',
    },
  },
  'took-the-longer': {
    saw: 'went by how long it lay',
    move: 'lining both rows up from the same end, one facing one, and asking again',
  },
  'took-the-larger': {
    saw: 'went by the size of the things',
    move: 'giving each large one a small one to stand beside it, and asking again',
  },
  'took-the-wider': {
    saw: 'went by how wide they lay',
    move: 'putting both sets in rows from the same end, one facing one, and asking again',
  },
  'took-another-set': {
    saw: 'took another set than the one asked for',
    move: 'matching one to one, and looking together at which are left over',
  },
  'said-the-seen': {
    saw: 'said the part in view for the one that is hidden',
    move: 'lifting the cloth at once, then covering one only, and saying how many went under',
  },
  'said-the-whole': {
    saw: 'said the whole for the part that is hidden',
    move: 'letting the child cover some, and say together: so many in all, so many here',
  },
  'left-none-out': {
    saw: 'found all the ways but none-and-all',
    move: 'an empty plate beside a full one, and asking whether that is a way too',
  },
  'missed-ways': {
    saw: 'did not find all the ways',
    move: 'turning one thing over at a time, and keeping each way in view on a strip',
  },
  'broke-the-pattern': {
    saw: 'did not carry the pattern on',
    move: 'saying and tapping two rounds together, then only the next one',
  },
  'counted-the-seen': {
    saw: 'counted what could be seen at once',
    move: 'one, two and three only, shown and covered, saying the number together as the cover lifts',
  },
  'made-another-set': {
    saw: 'made a set that did not fit the question',
    move: 'laying the new set beside the first, one facing one, and looking at what is left over',
  },
  'cannot-go-on': {
    saw: 'did not go on from the number',
    move: 'saying the number together with a tap on the table, then the child alone with the next',
  },
  'cannot-go-back': {
    saw: 'did not go back from the number',
    move: 'going down the lock steps, one number to a step, from five at first',
  },
  'counted-the-start': {
    saw: 'counted the starting number as the first one more',
    move: 'putting a hand on the first set while saying its number, then a finger for each one more',
    fitting: {
      'path-game':
        'saying “from here” with a finger on the square, and the first number only with the first step',
    },
  },
  'answered-another': {
    saw: 'answered with another number',
    move: 'the same with one more or one fewer, in view first and then hidden',
  },
  'named-another': {
    saw: 'named another number',
    move: 'the two side by side: same and different, traced with a finger; then that one among others that look nothing like it',
  },
  'took-another': {
    saw: 'took another card',
    move: 'the two side by side: same and different, traced with a finger; then that one among others that look nothing like it',
  },
  'left-some': {
    saw: 'left some of them',
    move: 'looking at each one in turn, and saying of each whether it fits',
  },
  'out-of-order': {
    saw: 'laid them out of order',
    move: 'saying the numbers while the finger goes along the row, and fewer cards',
  },
  'another-card': {
    saw: 'matched a set with another number',
    move: 'counting the set once more with the card beside it, and sets far apart in number',
  },
  'other-side': {
    saw: 'put it on the other side',
    move: 'saying the numbers up to it along the line: is ten passed or not?',
  },
  'teen-apart': {
    saw: 'made the number from its digits another way',
    move: 'laying ten things and some more beside the cards, and lifting the ones card to see the zero',
  },
  'forgot-the-number': {
    saw: 'recorded a different number from the one counted',
    move: 'saying the number once more, or laying its card, before the hand begins',
  },
  'recorded-another': {
    saw: 'made more or fewer strokes than things',
    move: 'one stroke as each thing is moved aside',
  },
  'fifth-not-across': {
    saw: 'did not lay the fifth stroke across',
    move: 'bundling with real sticks: four, and the fifth lies on them',
  },
  'kinds-not-the-whole': {
    saw: 'counted kinds that don’t make the whole',
    move: 'putting all kinds in one line after counting each, and counting on from one kind to the next',
  },
  'wrote-another': {
    saw: 'wrote something else than the numeral',
    move: 'going over it with a finger on a large card, then in sand, before a pencil',
  },
  'faced-round': {
    saw: 'wrote it facing the other way, as most children do at this age',
    move: 'a dot where it begins and an arrow for its first bit, and time: it rights itself in most',
  },
  'began-elsewhere': {
    saw: 'began it somewhere else',
    move: 'a green dot where it begins, and a finger on the dot before the pencil',
  },
  'went-the-other-way': {
    saw: 'led a stroke the other way',
    move: 'three times in the air with the words for it, then on paper',
  },
  'strokes-out-of-order': {
    saw: 'made the strokes in another order',
    move: 'saying the words for each stroke while the child writes',
  },
  'digits-turned-round': {
    saw: 'wrote the two digits the other way round',
    move: 'the small card over the zero of the ten, then writing what lies there',
  },
  'wrote-it-as-said': {
    saw: 'wrote it as it is said, the ten in full',
    move: 'the small card over the zero of the ten, then writing what lies there',
  },
  'sign-left-out': {
    saw: 'left out the number sign',
    move: 'feeling the sign on the card first, and saying “number” before each one',
  },
  'cell-mirrored': {
    saw: 'wrote the cell turned over',
    move: 'a large cell of six holes beside the page: the same dots on the same side',
  },
  'wrong-row': {
    saw: 'wrote it a row too high or too low',
    move: 'a finger on the top edge of the cell before reading or writing it',
  },
  'cells-turned-round': {
    saw: 'wrote the cells in the other order',
    move: 'saying the digits in order, one for each cell, after the number is said',
  },
  'another-cell': {
    saw: 'wrote another cell',
    move: 'pegs in six holes first, felt once more, and then the keys',
  },
};
