import { answered, tryOf } from '../testing/tryOf.js';
import { taskOf } from '../shelf/tasks.js';
import type { SittingId, TraceId } from '../trace/ids.js';
import type { Trace } from '../trace/trace.js';
import type { Asking } from './asking.js';
import { nextOfNumerals } from './nextOfNumerals.js';

const day = '2026-03-09';
const now = 'now' as SittingId;
let made = 0;
const named = (n: number, said: number, facts: Partial<Trace> = {}): Trace =>
  tryOf('name-it', n, answered(said), {
    id: `n-${made++}` as TraceId,
    sittingId: now,
    startedAt: `${day}T09:30:00.000+00:00`,
    ...facts,
  });
const before = { sittingId: 'before' as SittingId, startedAt: '2026-03-02T09:30:00.000+00:00' };
const asking = (tries: readonly Trace[], facts: Partial<Asking> = {}): Asking => ({
  tries,
  sittingId: now,
  day,
  language: 'en',
  months: 54,
  arrangements: ['none'],
  things: ['cork'],
  largest: 20,
  secondsLeft: 240,
  ...facts,
});
const next = (tries: readonly Trace[], facts: Partial<Asking> = {}) =>
  nextOfNumerals(taskOf('name-it'), 'name-numeral', asking(tries, facts));
const asked = (tries: readonly Trace[], facts: Partial<Asking> = {}): number => {
  const step = next(tries, facts);
  return step.kind === 'ask' ? step.n : NaN;
};

test('begins with one that is known, then asks for those that are unsure, and none twice', () => {
  const known = [3, 3, 1].map((n) => named(n, n, before));
  expect(next(known)).toMatchObject({ n: 3, purpose: 'begin-well' });
  const seen: number[] = [];
  let tries: readonly Trace[] = known;
  for (;;) {
    const step = next(tries);
    if (step.kind === 'stop') break;
    seen.push(step.n);
    tries = [...tries, named(step.n, step.n)];
  }
  expect(new Set(seen).size).toBe(seen.length);
  expect(seen).toHaveLength(8);
});

test('a numeral taken for another: that other comes next, however large', () => {
  expect(asked([named(4, 4), named(6, 9)])).toBe(9);
  expect(asked([named(4, 4), named(2, 5)])).toBe(5);
});

test('the first few before ten, ten before the teens, nought after a few', () => {
  expect(asked([])).toBe(1);
  const upTo = (n: number) =>
    Array.from({ length: n + 1 }, (_, i) => [named(i, i, before), named(i, i, before)]).flat();
  const open = (known: number): number[] => {
    const step = next([...upTo(known), named(0, 0)]);
    return step.kind === 'ask' ? [step.n] : [];
  };
  expect(open(4)[0]).toBeGreaterThan(4);
  expect(open(4)[0]).toBeLessThanOrEqual(10);
  expect(open(10)[0]).toBeGreaterThan(10);
});

test('two misses, an easy one; three, enough; time up, the end, but never on a miss', () => {
  const known = [1, 1, 2, 2].map((n) => named(n, n, before));
  const missed = [named(1, 1), named(4, 8), named(5, 8)];
  expect(next([...known, ...missed])).toMatchObject({ n: 2, purpose: 'after-two-misses' });
  expect(next([...known, ...missed, named(2, 7)])).toEqual({ kind: 'stop', because: 'enough' });
  expect(next([...known, named(1, 1)], { secondsLeft: 5 })).toEqual({ kind: 'stop', because: 'time' });
  expect(next([...known, named(4, 8)], { secondsLeft: 5 })).toMatchObject({
    kind: 'ask',
    purpose: 'end-well',
  });
});
