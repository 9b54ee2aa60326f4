import type { NextTry } from './asking.js';

/** Why the easy one at the end. */
export const endingWords = 'An easy one, to end well.';

/** Why the sitting begins with an easy one. */
export const beginningWords = 'One that will go well, to begin with.';

/** What the sitting is for comes now; why that, its plan has said. */
export const mainWords = 'That was to begin with. Now what this sitting is for.';

const purposes: Record<Extract<NextTry, { kind: 'ask' }>['purpose'], (n: number) => string> = {
  'begin-well': () => beginningWords,
  'learn-most': (n) => `${n} tells most now: it may go either way.`,
  'after-two-misses': () => 'Two slips running: an easier one.',
  'end-well': () => endingWords,
  'other-number': (n) => `Whether it holds with ${n} too.`,
};

const endings: Record<Extract<NextTry, { kind: 'stop' }>['because'], (minutes: number) => string> = {
  known: () => 'Enough is known here for now: end, or take another task.',
  time: (minutes) => `The ${minutes} minutes are over, and the last one went well: a good place to end.`,
  enough: () => 'That is enough for today: end kindly, with something the child likes.',
};

/** Why this is next, in a sentence. */
export function tellNext(next: NextTry, minutes: number): string {
  return next.kind === 'ask' ? purposes[next.purpose](next.n) : endings[next.because](minutes);
}

/** Why the planned other question comes now. */
export function tellOther(because: 'known' | 'time'): string {
  return because === 'known'
    ? 'Enough is known there for now: one other question, on what lies here already.'
    : 'A little time is left: one other question, on what lies here already.';
}
