import { observationsOf } from '../evidence/observations.js';
import { traceOf } from '../testing/traces.js';
import type { Change, Trace, Word } from '../trace/trace.js';
import { readTry } from './readTry.js';
import { readWorking } from './readWorking.js';

const fiveAndTwo = { from: 5, by: 2 };

describe(readWorking, () => {
  const ways: readonly [readonly Word[], Change, ReturnType<typeof readWorking>][] = [
    [[], fiveAndTwo, null],
    [[1, 2, 3, 4, 5, 6, 7], fiveAndTwo, 'all'],
    [[6, 7], fiveAndTwo, 'on'],
    [[5, 6, 7], fiveAndTwo, 'on'],
    [[7, 8], fiveAndTwo, 'otherwise'],
    [['um', 3], fiveAndTwo, 'otherwise'],
    [[6, 5], { from: 7, by: -2 }, 'back'],
    [[7, 6, 5], { from: 7, by: -2 }, 'back'],
    // Two of five are in view: on from two, to find how many are under the cloth.
    [[3, 4, 5], { from: 5, by: -2, covered: true }, 'on'],
  ];
  test.each(ways)('%j of %j: %s', (words, change, way) => expect(readWorking(words, change)).toBe(way));
});

const together = (...words: readonly Word[]): Trace =>
  traceOf({
    version: 2,
    task: 'put-together',
    set: { size: 7, things: 'cork', arrangement: 'row', layout: { change: fiveAndTwo } },
    happenings: [
      { kind: 'ask', question: 'hidden' },
      ...words.map((word) => ({ kind: 'count', word }) as const),
      { kind: 'answer', value: 7 },
    ],
  });

describe('what a sum worked out aloud tells', () => {
  test('on from the number nothing is left out, neither of the words nor of the things', () => {
    const trace = together(6, 7);
    const { order, pairing, working } = readTry(trace);
    expect(working).toBe('on');
    expect(order.slips).toEqual([]);
    expect(pairing).toBeNull();
    expect(observationsOf(trace)).toMatchObject({ order: null, tracking: null });
  });

  test('from one it tells of the order, and not of one to one: part of a sum may be left alone', () => {
    const { order, tracking } = observationsOf(together(1, 2, 3, 4, 5));
    expect(order!.upTo).toBe(5);
    expect(tracking).toBeNull();
  });
});
