import fc from 'fast-check';
import { observationsOf } from '../evidence/observations.js';
import { thresholdReaders } from '../evidence/thresholdReaders.js';
import { runOf, setOf, taskOf } from '../shelf/tasks.js';
import { layoutFor } from '../shelf/layout.js';
import { traceOf } from '../testing/traces.js';
import type { Trace } from '../trace/trace.js';
import { readGoingOn } from './readGoingOn.js';
import { readTry } from './readTry.js';

const run = (task: 'go-on-from' | 'go-back-from', n: number, words: readonly (number | string)[]): Trace =>
  traceOf({
    version: 2,
    task,
    ...runOf(taskOf(task), n),
    set: setOf(taskOf(task), n, 'cork', layoutFor(taskOf(task), n, 'cork', 1)),
    happenings: words.map((word) => ({ kind: 'say', word })),
  });

describe(readGoingOn, () => {
  test.each<[string, readonly (number | string)[], string, boolean]>([
    ['the next three', [6, 7, 8], 'went-on', false],
    ['with the number said again', [5, 6, 7, 8], 'went-on', true],
    ['and further', [6, 7, 8, 9, 10], 'went-on', false],
    ['two of them', [6, 7], 'another', false],
    ['one left out', [6, 8, 9], 'another', false],
    ['all over again', [1, 2, 3, 4, 5, 6, 7, 8], 'counted-all', false],
    ['nothing', [], 'nothing', false],
    ['the number alone', [5], 'another', true],
  ])('on from five: %s', (_, words, way, saidIt) => {
    expect(readGoingOn(run('go-on-from', 5, words))).toEqual({ from: 5, way, saidIt });
  });

  test.each<[number, readonly number[], string]>([
    [8, [7, 6, 5], 'went-on'],
    [8, [8, 7, 6, 5], 'went-on'],
    [8, [9, 10, 11], 'another'],
    [8, [1, 2, 3], 'counted-all'],
    [3, [2, 1], 'went-on'],
    [3, [3, 2], 'another'],
  ])('back from %i: %j', (n, words, way) => {
    expect(readGoingOn(run('go-back-from', n, words))).toMatchObject({ from: n, way });
  });

  test('is a look at the number itself, on and back apart, and says nothing of the order from one', () => {
    const on = observationsOf(run('go-on-from', 5, [6, 7, 8]));
    expect(on.thresholds).toMatchObject({ 'count-on': { n: 5, success: true } });
    expect(on.order).toBeNull();
    const back = observationsOf(run('go-back-from', 8, [9, 10]));
    expect(back.thresholds).toMatchObject({ 'count-back': { n: 8, success: false } });
    expect(back.thresholds).not.toHaveProperty('count-on');
    expect(thresholdReaders['count-back'].slips(run('go-back-from', 8, [9]))).toEqual([
      { slip: 'cannot-go-back', at: 8 },
    ]);
  });

  test('however far a child is to go on, no word of it is a slip of the order, said again or all over', () => {
    fc.assert(
      fc.property(fc.integer({ min: 3, max: 17 }), fc.constantFrom('on', 'again', 'all'), (n, how) => {
        const first = { on: n + 1, again: n, all: 1 }[how];
        const words = Array.from({ length: n + 3 - first + 1 }, (_, i) => first + i);
        const reading = readTry(run('go-on-from', n, words));
        expect(reading.order).toMatchObject({ slips: [], upTo: n + 3 });
      }),
    );
  });

  test('back, a number left out is a slip of the order, with the number said again and without', () => {
    const slips = (words: readonly number[]) => readTry(run('go-back-from', 8, words)).order.slips;
    expect(slips([8, 7, 6, 5])).toEqual([]);
    expect(slips([7, 6, 5])).toEqual([]);
    expect(slips([7, 5, 4])).toMatchObject([{ kind: 'skipped', words: [6] }]);
  });
});
