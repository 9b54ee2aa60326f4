import type { TaskEntry } from '../task.js';
import { countingAdaptations, sayingAdaptations } from './adaptations.js';

const rightOrNot = {
  question: 'Did Otter get it right?',
  options: [
    { value: 'right', words: 'said it was right' },
    { value: 'not-right', words: 'said it was not' },
  ],
} as const;

/** Tasks in which a puppet counts and the child is the judge. */
export const judgedTasks = [
  {
    id: 'say-spot',
    name: 'Otter says the numbers',
    strand: 'stable-order',
    skill: 'order of the number words, judged',
    looksAt: 'order-judged',
    kind: 'choose',
    say: 'Otter is still learning. Listen: did he get it right?',
    makes: 'words',
    choosing: rightOrNot,
    avoid: 'Play it once, twice if asked. Keep your face still at the slip.',
    childDoes: 'says whether the puppet’s counting was right',
    arrangement: 'none',
    lay: '',
    also: ['a hand puppet or a sock, if you have one'],
    ladder: [5, 6, 8, 10, 12],
    watchFor: ['chose-another'],
    stepDown: { task: 'say-spot', how: 'to five, the slip at three' },
    stepUp: { task: 'say-far', how: 'the child shows Otter how it goes' },
    otherThings: 'A sleepy uncle, a story bear, you yourself.',
    adaptations: {
      ...sayingAdaptations,
      hearing: 'The words are signed, or shown one by one on cards.',
      speech: 'Two cards to point to, a smile and a puzzled face.',
    },
    cautions: [],
    routine: {
      wholeGroup: 'Otter counts the children in, and they call out when he slips.',
      smallGroup: 'Each child makes Otter count, right or wrong, for the others.',
      freeTable: 'The puppet in a basket, with nothing asked.',
    },
    minutes: 3,
    sheet: 'what Otter said, and what the child said of it',
    home: 'Count the stairs wrongly, and wait to be caught.',
  },
  {
    id: 'count-spot',
    name: 'Otter counts things',
    strand: 'one-to-one',
    skill: 'one-to-one, judged',
    looksAt: 'one-to-one-judged',
    kind: 'choose',
    say: 'Watch Otter’s paw. Did he count them right?',
    makes: 'touches',
    choosing: rightOrNot,
    avoid: 'Play it once, twice if asked. Touch nothing yourself.',
    childDoes: 'spots the puppet’s skip or double touch',
    arrangement: 'row',
    lay: 'in a row on the screen: let the child see it, or lay them and move the puppet yourself',
    also: ['a hand puppet, if you have one'],
    ladder: [4, 5, 6, 8],
    watchFor: ['chose-another'],
    stepDown: { task: 'count-spot', how: 'four things, the slip plain to see' },
    stepUp: { task: 'count-row', how: 'the child counts, and Otter is the judge' },
    otherThings: 'Plates at snack, coats on pegs, boats along the wall.',
    adaptations: {
      ...countingAdaptations,
      vision: 'The child’s hand rides on the puppet, if it likes that; each touch is felt.',
      speech: 'Two cards to point to, a smile and a puzzled face.',
    },
    cautions: [],
    routine: {
      wholeGroup: 'Otter hands out the cups and counts as he goes.',
      smallGroup: 'A slip for the others to find, made by each in turn.',
      freeTable: 'The puppet, a row of shells, nothing asked.',
    },
    minutes: 3,
    sheet: 'where the paw went, and what the child said of it',
    home: 'Count the spoons and miss one out, to be caught.',
  },
] as const satisfies readonly TaskEntry[];
