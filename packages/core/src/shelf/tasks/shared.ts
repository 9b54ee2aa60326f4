import type { TaskEntry } from '../task.js';
import { countingAdaptations } from './adaptations.js';

const slipsOfSharing = ['two-in-one', 'left-outside'] as const;

/** Tasks in which things are put one to a place. */
export const sharedTasks = [
  {
    id: 'count-cells',
    name: 'One in each cell',
    strand: 'one-to-one',
    skill: 'one-to-one, in cells',
    looksAt: 'one-to-one',
    kind: 'share',
    say: 'Put one in each cell. Then count them for me.',
    makes: 'cells',
    avoid: 'Fill no cell yourself, and leave what is over in the child’s hand.',
    childDoes: 'puts one in each cell, then counts; extras stay outside',
    arrangement: 'frame',
    lay: 'in a dish beside an empty frame',
    also: ['a frame with as many cells as the number'],
    ladder: [3, 5, 7, 10],
    watchFor: [...slipsOfSharing, 'double-counted', 'missed'],
    stepDown: { task: 'count-aside', how: 'without a frame, each one moved aside' },
    stepUp: { task: 'count-row', how: 'out of the frame, in a row' },
    otherThings: 'Egg boxes with corks, a muffin tin with shells.',
    adaptations: {
      ...countingAdaptations,
      vision: 'A frame with raised walls on a non-slip mat; one hand feels for the next empty cell.',
    },
    cautions: [],
    routine: {
      wholeGroup: 'Coats on pegs: one each, and how many pegs are full?',
      smallGroup: 'Each child loads a barge with a cell for each crate.',
      freeTable: 'Frames of five and ten, and a basket with more than enough.',
    },
    minutes: 4,
    sheet: 'the frame, with what was said in each cell',
    home: 'One roll in each hole of the baking tin.',
  },
  {
    id: 'match-lids',
    name: 'A lid to each jar',
    strand: 'one-to-one',
    skill: 'one-to-one, matching without counting',
    looksAt: 'matching',
    kind: 'share',
    say: 'Give each jar its lid.',
    makes: 'jars',
    only: 'lid',
    choosing: {
      question: 'Were there enough lids, too many, or too few?',
      options: [
        { value: 'enough', words: 'enough' },
        { value: 'too-many', words: 'too many' },
        { value: 'too-few', words: 'too few' },
      ],
    },
    avoid: 'Say no number: this one goes without counting.',
    childDoes: 'gives each jar its lid, and says whether there were enough',
    arrangement: 'movable',
    lay: 'in a heap beside the jars',
    also: ['as many jars as the screen shows'],
    ladder: [3, 4, 5, 7, 10],
    watchFor: [...slipsOfSharing, 'chose-another'],
    stepDown: { task: 'match-lids', how: 'three jars, and lids for all of them' },
    stepUp: { task: 'same-many', how: 'as many of another kind, with nothing to sit on' },
    otherThings: 'Cups to saucers, boats to moorings, a spoon to each bowl.',
    adaptations: {
      ...countingAdaptations,
      vision: 'Jars stuck to a mat, so that they stay where a hand found them.',
      movement: 'You put the lids on; the child says where the next one goes.',
    },
    cautions: ['Plastic jars: no glass. Lids with no sharp rim.'],
    routine: {
      wholeGroup: 'A cup for everyone: have we enough?',
      smallGroup: 'Moorings and boats; one boat too many comes along.',
      freeTable: 'Jars and a basket with too many lids.',
    },
    minutes: 3,
    sheet: 'jars and lids joined by lines',
    home: 'Lay the table: a fork to each plate.',
  },
] as const satisfies readonly TaskEntry[];
