import { counted, traceOf } from '../testing/traces.js';
import { figure } from '../common/parameters.js';
import { taskOf } from '../shelf/tasks.js';
import type { SittingId, TraceId } from '../trace/ids.js';
import type { Trace } from '../trace/trace.js';
import type { Asking } from './asking.js';
import { nextOfPrinciple } from './nextOfPrinciple.js';

const task = taskOf('how-many');
const asking = (tries: readonly Trace[], facts: Partial<Asking> = {}): Asking => ({
  tries,
  sittingId: 'now' as SittingId,
  day: '2026-03-02',
  language: 'en',
  months: 48,
  arrangements: ['row'],
  things: ['shell'],
  largest: 20,
  secondsLeft: 200,
  ...facts,
});
let made = 0;
const asked = (n: number, answer: number): Trace =>
  traceOf({
    id: `try-${made++}` as TraceId,
    sittingId: 'now' as SittingId,
    task: 'how-many',
    target: n,
    set: { size: n, things: 'shell', arrangement: 'row' },
    happenings: [
      ...counted(...Array.from({ length: n }, (_, i) => i + 1)),
      { kind: 'ask', question: 'how-many' },
      { kind: 'answer', value: answer },
    ],
  });
const next = (tries: readonly Trace[], facts: Partial<Asking> = {}) =>
  nextOfPrinciple(task, 'last-word', asking(tries, facts));

describe(nextOfPrinciple, () => {
  test('begins with a number the child counts well, on a rung of the ladder', () => {
    const first = next([]);
    expect(first).toMatchObject({ kind: 'ask', purpose: 'begin-well', things: 'shell' });
    expect(task.ladder).toContain(first.kind === 'ask' && first.n);
  });

  test('what was tried of another task, or in another sitting, is no try of this one', () => {
    const elsewhere = [asked(3, 3), asked(5, 5), asked(7, 7)];
    expect(next(elsewhere.map((one) => ({ ...one, sittingId: 'before' as SittingId })))).toMatchObject({
      purpose: 'begin-well',
    });
    expect(next(elsewhere.map((one) => ({ ...one, task: 'count-row' as const })))).toMatchObject({
      purpose: 'begin-well',
    });
  });

  test('asks as long as there is just time for one more', () => {
    const seconds = figure.secondsToKeep + figure.secondsToAnswer;
    expect(next([asked(3, 3)], { secondsLeft: seconds })).toMatchObject({ purpose: 'other-number' });
    expect(next([asked(3, 3)], { secondsLeft: seconds - 1 })).toEqual({ kind: 'stop', because: 'time' });
    expect(next([asked(3, 4)], { secondsLeft: seconds })).toMatchObject({ purpose: 'other-number' });
    expect(next([asked(3, 4)], { secondsLeft: seconds - 1 })).toMatchObject({ purpose: 'end-well' });
  });

  test('goes on with another number, and stops after three', () => {
    const first = next([]);
    const n = first.kind === 'ask' ? first.n : 0;
    expect(next([asked(n, n)])).toMatchObject({ kind: 'ask', purpose: 'other-number' });
    expect(next([asked(3, 3), asked(5, 5), asked(7, 7)])).toEqual({ kind: 'stop', because: 'known' });
  });

  test('two that did not go bring the easiest, a third the end', () => {
    const two = [asked(5, 9), asked(7, 2)];
    expect(next(two)).toMatchObject({ kind: 'ask', n: 3, purpose: 'after-two-misses' });
    expect(next([...two, asked(3, 9)])).toEqual({ kind: 'stop', because: 'enough' });
  });

  test('with the time over it ends on one that went well, or on an easy one', () => {
    expect(next([asked(5, 5)], { secondsLeft: 2 })).toEqual({ kind: 'stop', because: 'time' });
    expect(next([asked(5, 9)], { secondsLeft: 2 })).toMatchObject({ n: 3, purpose: 'end-well' });
  });

  test('no more things than the child can do with', () => {
    const few = next([], { largest: 3 });
    expect(few.kind === 'ask' && few.n).toBeLessThanOrEqual(3);
  });
});
