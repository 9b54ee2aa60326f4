import type { TaskEntry } from '../task.js';

const slipsOfSharing = ['two-in-one', 'left-outside'] as const;

/** Tasks in which things are put one to a place. */
export const sharedTasks = [
  {
    id: 'count-cells',
    standIn: 'frame',
    strand: 'one-to-one',
    looksAt: 'one-to-one',
    kind: 'share',
    makes: 'cells',
    asksMore: true,
    arrangement: 'frame',
    ladder: [3, 5, 7, 10, 15, 20],
    watchFor: [...slipsOfSharing, 'double-counted', 'missed'],
    easier: 'count-aside',
    harder: 'count-row',
    adaptedAs: 'counting',
    minutes: 4,
  },
  {
    id: 'match-lids',
    strand: 'one-to-one',
    looksAt: 'matching',
    kind: 'share',
    makes: 'jars',
    only: 'lid',
    choosing: ['enough', 'too-many', 'too-few'],
    arrangement: 'movable',
    ladder: [3, 4, 5, 7, 10],
    watchFor: [...slipsOfSharing, 'chose-another'],
    easier: 'match-lids',
    harder: 'same-many',
    adaptedAs: 'counting',
    minutes: 3,
  },
] as const satisfies readonly TaskEntry[];
