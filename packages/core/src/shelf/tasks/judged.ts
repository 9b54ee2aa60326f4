import type { TaskEntry } from '../task.js';

/** Tasks in which a puppet counts and the child is the judge. */
export const judgedTasks = [
  {
    id: 'say-spot',
    strand: 'stable-order',
    looksAt: 'order-judged',
    kind: 'choose',
    makes: 'words',
    choosing: ['right', 'not-right'],
    arrangement: 'none',
    ladder: [5, 6, 8, 10, 12],
    watchFor: ['chose-another'],
    easier: 'say-spot',
    harder: 'say-far',
    adaptedAs: 'saying',
    minutes: 3,
  },
  {
    id: 'count-spot',
    strand: 'one-to-one',
    looksAt: 'one-to-one-judged',
    kind: 'choose',
    makes: 'touches',
    choosing: ['right', 'not-right'],
    arrangement: 'row',
    ladder: [4, 5, 6, 8],
    watchFor: ['chose-another'],
    easier: 'count-spot',
    harder: 'count-row',
    adaptedAs: 'counting',
    minutes: 3,
  },
] as const satisfies readonly TaskEntry[];
