import type { ReadableTrace, Trace } from '@dotting/core';
import { english } from '../all.js';
import { tellSeeing, tellTwoLooks } from './seeing.js';
import { describeSet } from './things.js';

type Patterns = NonNullable<NonNullable<Trace['set']['layout']>['patterns']>;
const frames: Patterns = [
  { form: 'frame-rows', n: 8, seed: 1 },
  { form: 'frame-pairs', n: 7, seed: 1 },
];

const shown = (
  patterns: Patterns,
  value: number | string | null,
  facts: Partial<Pick<Trace, 'strategy' | 'shownMs'>> = {},
): ReadableTrace & typeof facts => ({
  set: { size: 0, things: 'cork', arrangement: 'none', layout: { patterns } },
  start: 1,
  direction: 1,
  version: 2,
  events: [
    { seq: 0, t: 0, kind: 'ask', question: patterns.length > 1 ? 'which' : 'how-many' },
    { seq: 1, t: 900, kind: 'answer', value },
  ],
  ...facts,
});
const dots = (n: number): Patterns => [{ form: 'loose', n, seed: 1 }];

test('what was shown, for how long, what was said of it, and how it was known', () => {
  const told = (...args: Parameters<typeof shown>) => tellSeeing(english, shown(...args));
  expect(told(dots(4), 4, { shownMs: 699 })).toBe('4 dots shown: said 4 at once (on screen for 0.7 s)');
  expect(told(dots(1), 1)).toBe('1 dot shown: said 1 at once');
  expect(told(dots(4), 4, { strategy: 'counted-all' })).toBe('4 dots shown: said 4, by counting');
  expect(told(dots(4), 5)).toBe('4 dots shown: said 5');
  expect(told(dots(4), 'did-not-know')).toBe('4 dots shown: no answer');
  expect(told([{ form: 'fingers', n: 7, seed: 1 }], 7)).toBe('7 fingers shown: said 7 at once');
});

test('two frames are told as they looked', () => {
  expect(describeSet(english, shown(frames, null).set)).toBe(
    '8 in a frame, line by line and 7 in a frame, two by two',
  );
  expect(tellTwoLooks(english, shown(frames, 'not-as-many'))).toMatch(/: said that was not the same$/);
  expect(tellTwoLooks(english, shown(frames, null))).toMatch(/: no answer$/);
  expect(tellSeeing(english, shown(frames, null))).toBeNull();
});
