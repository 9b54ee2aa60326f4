import type { TaskEntry } from '../task.js';

/** Shown for a moment on the child’s side, and gone before it could be counted. */
const flashed = {
  strand: 'seeing-how-many',
  kind: 'answer',
  asks: 'how-many',
  strategies: ['knew', 'counted-all', 'guessed'],
  arrangement: 'none',
  watchFor: ['counted-the-seen'],
  adaptedAs: 'seeing',
  minutes: 2,
} as const satisfies Partial<TaskEntry>;

/** Seeing how many without counting: loose dots, known patterns, and a whole five with some. */
export const seeingTasks = [
  {
    ...flashed,
    id: 'flash-few',
    looksAt: 'see-few',
    shows: 'loose',
    ladder: [1, 2, 3, 4, 5, 6],
    easier: 'flash-few',
    harder: 'flash-dice',
  },
  {
    ...flashed,
    id: 'flash-dice',
    looksAt: 'see-dice',
    shows: 'die',
    ladder: [1, 2, 3, 4, 5, 6],
    easier: 'flash-few',
    harder: 'flash-frame',
  },
  {
    ...flashed,
    id: 'flash-fingers',
    looksAt: 'see-fingers',
    shows: 'fingers',
    strategies: ['knew', 'five-and-some', 'counted-all', 'guessed'],
    ladder: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10],
    easier: 'flash-few',
    harder: 'flash-frame',
  },
  {
    ...flashed,
    id: 'flash-frame',
    looksAt: 'see-frame',
    shows: 'frame',
    ways: ['rows', 'pairs'],
    strategies: ['knew', 'five-and-some', 'two-alike', 'counted-all', 'guessed'],
    ladder: [3, 4, 5, 6, 7, 8, 9, 10],
    easier: 'flash-fingers',
    harder: 'two-frames',
  },
  {
    id: 'two-frames',
    strand: 'seeing-how-many',
    looksAt: 'same-looks',
    kind: 'choose',
    shows: 'two-frames',
    wantsReason: true,
    strategies: ['knew', 'counted-all', 'matched', 'guessed'],
    choosing: ['as-many', 'not-as-many'],
    arrangement: 'none',
    ladder: [4, 5, 6, 7, 8, 9, 10],
    watchFor: ['answered-another'],
    easier: 'flash-frame',
    harder: 'two-frames',
    adaptedAs: 'seeing',
    minutes: 3,
  },
] as const satisfies readonly TaskEntry[];
