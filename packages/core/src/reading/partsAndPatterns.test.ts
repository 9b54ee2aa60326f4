import fc from 'fast-check';
import { observationsOf } from '../evidence/observations.js';
import { principleReaders } from '../evidence/principleReaders.js';
import { thresholdReaders } from '../evidence/thresholdReaders.js';
import { layoutFor } from '../shelf/layout.js';
import { setOf, taskOf } from '../shelf/tasks.js';
import { thingsFor } from '../shelf/thingsFor.js';
import { traceOf } from '../testing/traces.js';
import type { Happening, Trace } from '../trace/trace.js';
import { nextSlot } from './placeable.js';
import { readCarry } from './readCarry.js';
import { readChoice } from './readChoice.js';
import { readParts, waysOf } from './readParts.js';

const put = (place: string): Happening => ({ kind: 'put', place });
const answer = (value: number | string): Happening => ({ kind: 'answer', value });
const hidden: Happening = { kind: 'ask', question: 'hidden' };

function tryOf(id: string, n: number, happenings: readonly Happening[], way?: string, seed = 3): Trace {
  const task = taskOf(id);
  const set = setOf(task, n, 'cork', layoutFor(task, n, 'cork', seed, way));
  return traceOf({ task: id, set, target: n, version: 2, happenings });
}

describe(readParts, () => {
  test('n has n + 1 ways, none-and-n among them; found are all, whatever their order', () => {
    fc.assert(
      fc.property(
        fc
          .integer({ min: 1, max: 10 })
          .chain((n) => fc.tuple(fc.constant(n), fc.shuffledSubarray([...waysOf(n)]))),
        ([n, told]) => {
          expect(waysOf(n)).toHaveLength(n + 1);
          const { found, missing } = readParts(tryOf('all-the-ways', n, told.map(put)))!;
          expect(found).toHaveLength(told.length);
          expect(found.length + missing.length).toBe(n + 1);
        },
      ),
    );
  });

  test('rising or falling all along, told again, and what does not make the number', () => {
    const read = (...ways: string[]) => readParts(tryOf('all-the-ways', 4, ways.map(put)));
    expect(read('0+4', '1+3', '2+2')).toMatchObject({ inOrder: 'rising', again: 0 });
    expect(read('4+0', '3+1', '2+2', '1+3')).toMatchObject({ inOrder: 'falling' });
    expect(read('0+4', '2+2', '1+3')).toMatchObject({ inOrder: null });
    expect(read('1+3', '2+2')).toMatchObject({ inOrder: null });
    expect(read('2+2')).toMatchObject({ double: true });
    expect(read('1+3')).toMatchObject({ double: false });
    expect(readParts(tryOf('all-the-ways', 5, [put('2+3')]))).toMatchObject({ double: null });
    expect(read('1+3', '1+3', 'other')).toMatchObject({ found: [1], again: 1, otherNumbers: 1 });
  });

  test('none-and-n left out is a slip of its own, and found are all only with it', () => {
    const slips = (...ways: string[]) =>
      thresholdReaders.parts.slips(tryOf('all-the-ways', 3, ways.map(put)));
    expect(slips('1+2', '2+1')).toEqual([{ slip: 'left-none-out', at: 3 }]);
    expect(slips('0+3', '3+0', '1+2')).toEqual([{ slip: 'missed-ways', at: 3 }]);
    expect(slips(...waysOf(3))).toEqual([]);
    const look = observationsOf(tryOf('all-the-ways', 3, waysOf(3).map(put))).thresholds.parts;
    expect(look).toMatchObject({ n: 3, success: true });
  });
});

describe('the part that is missing', () => {
  test('the part in view, or the whole, said for it is told apart from another number', () => {
    const trace = (value: number, seed = 1) =>
      tryOf('cover-some', 8, [hidden, answer(value)], undefined, seed);
    const { from, by } = trace(0).set.layout!.change!;
    const slip = (value: number) => thresholdReaders['missing-part'].slips(trace(value))[0]?.slip;
    expect(slip(from + by)).toBeUndefined();
    expect(slip(-by)).toBe('said-the-seen');
    expect(slip(from)).toBe('said-the-whole');
    expect(slip(from + 5)).toBe('answered-another');
  });

  test('to ten: so many lie in the frame that n more fill it; a full one needs none', () => {
    const frame = (n: number, value: number) => tryOf('to-ten', n, [hidden, answer(value)]);
    expect(frame(3, 3).set).toMatchObject({ size: 7, layout: { places: 10 } });
    expect(thingsFor(frame(3, 3).set)).toEqual([{ things: 'cork', n: 7 }]);
    expect(observationsOf(frame(3, 3)).thresholds['to-ten']).toMatchObject({ n: 3, success: true });
    expect(thresholdReaders['to-ten'].slips(frame(3, 7))[0]!.slip).toBe('said-the-seen');
    expect(frame(0, 0).set.size).toBe(10);
  });

  test('ten and some, built and taken apart; counted all over it is not shown', () => {
    const shown = (trace: Trace) => principleReaders['ten-and-some'].shown(trace);
    expect(shown(tryOf('ten-and-some', 17, [hidden, answer(17)], 'built'))).toBe(true);
    expect(shown(tryOf('ten-and-some', 17, [hidden, answer(7)], 'taken-apart'))).toBe(true);
    expect(shown(tryOf('ten-and-some', 17, [hidden, answer(10)], 'taken-apart'))).toBe(false);
    const counted = tryOf('ten-and-some', 17, [hidden, answer(17)], 'built');
    expect(shown({ ...counted, strategy: 'counted-all' })).toBe(false);
  });
});

describe(readCarry, () => {
  const read = (...things: string[]) => readCarry(tryOf('carry-on', 3, things.map(put), 'abb'))!;
  const [a, b] = tryOf('carry-on', 3, [], 'abb').set.layout!.carry!.unit as [string, string];

  test('carried on from where it stopped, broken at the first that does not fit, unknown while too few', () => {
    expect(read(a, b, b)).toMatchObject({ wanted: [a, b, b], right: true, rightTo: 3 });
    expect(read(a, a, b)).toMatchObject({ right: false, rightTo: 1 });
    expect(read(a, b)).toMatchObject({ right: null, rightTo: 2 });
    expect(read()).toMatchObject({ right: null });
  });

  test('each kind of the pattern can be put, and enough of each is fetched', () => {
    const { set } = tryOf('carry-on', 3, [], 'abc');
    expect(nextSlot(set, [])!.options).toHaveLength(3);
    expect(thingsFor(set).map(({ n }) => n)).toEqual([3, 3, 3]);
  });
});

test('a partner for each of an even number, one over of an odd one', () => {
  const right = (n: number, value: string) =>
    readChoice(tryOf('partners', n, [{ kind: 'ask', question: 'which' }, answer(value)]))!.right;
  expect(right(6, 'all-paired')).toBe(true);
  expect(right(7, 'all-paired')).toBe(false);
  expect(right(7, 'one-over')).toBe(true);
});

test('a balance is laden with as much as is asked for, in each kind of card', () => {
  fc.assert(
    fc.property(fc.integer({ min: 2, max: 10 }), fc.integer({ min: 0, max: 9999 }), (n, seed) => {
      const laden = (way: string) => layoutFor(taskOf('level-balance'), n, 'cork', seed, way)!.balance!;
      for (const way of taskOf('level-balance').ways!) {
        expect(laden(way).reduce((sum, one) => sum + one.n, 0)).toBe(n);
        for (const one of laden(way)) expect(one.n).toBeGreaterThanOrEqual(1);
      }
      expect(laden('numeral-and-set').map(({ as }) => as)).toEqual(['numeral', 'set']);
    }),
  );
});
