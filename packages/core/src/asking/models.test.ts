import fc from 'fast-check';
import type { FetchTry } from '../estimates/knowerLevels.js';
import type { ThresholdTry } from '../estimates/threshold.js';
import type { TrackingTry } from '../estimates/tracking.js';
import { entropyOf } from './model.js';
import { fetchModel, thresholdModel, trackingModel } from './models.js';

const day = '2026-03-02';
const reached = (n: number, success: boolean, on = day): ThresholdTry => ({ n, success, weight: 1, day: on });
const words = (...tries: readonly ThresholdTry[]) => thresholdModel(tries, { priorMean: 6, day });
const kept = (n: number, success: boolean, firstSlip: number | null = null): TrackingTry => ({
  n,
  success,
  weight: 1,
  day,
  firstSlip,
});
const row = (...tries: readonly TrackingTry[]) => trackingModel(tries, { day });
const fetched = (asked: number, given: number, on = day): FetchTry => ({ asked, given, day: on, weight: 1 });
const fetching = (...tries: readonly FetchTry[]) => fetchModel(tries, pile, day);
const pile = 15;
const many = <One>(times: number, one: One): readonly One[] => Array.from({ length: times }, () => one);

describe('what is open in a yes or no', () => {
  test('is nothing where it is certain, one bit where it is even, and the same for yes and no', () => {
    expect([entropyOf(0), entropyOf(1), entropyOf(0.5)]).toEqual([0, 0, 1]);
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1, noNaN: true }),
        (p) => Math.abs(entropyOf(p) - entropyOf(1 - p)) < 1e-9,
      ),
    );
  });
});

describe.each([
  ['words', words(), 20],
  ['a row', row(), 20],
  ['fetching', fetching(), 10],
])('of %s with nothing known', (_, model, most) => {
  const numbers = Array.from({ length: most }, (_, i) => i + 1);

  test('a larger number goes well no more often', () => {
    for (const n of numbers.slice(1))
      expect(model.chanceAt(n)).toBeLessThanOrEqual(model.chanceAt(n - 1) + 1e-9);
  });

  test('an answer tells something, and never more than it can', () => {
    for (const n of numbers) {
      expect(model.informationAt(n)).toBeGreaterThan(0);
      expect(model.informationAt(n)).toBeLessThan(Math.log2(pile));
    }
  });

  test('there is more to ask', () => expect(model.isKnown).toBe(false));
});

describe('enough is known', () => {
  test('of words where nothing more is likely', () => {
    const days = Array.from({ length: 15 }, (_, i) => `2026-02-${i + 10}`);
    const only6 = words(...days.flatMap((on) => [reached(5, true, on), reached(9, false, on)]));
    expect(only6.isKnown).toBe(true);
    expect(words(reached(6, true), reached(7, false)).isKnown).toBe(false);
  });

  test('of a row where it is lost at once each time, and not by two of them', () => {
    expect(row(...many(12, kept(2, false, 1))).isKnown).toBe(true);
    expect(row(kept(5, true)).isKnown).toBe(false);
    expect(row(kept(5, false, 2)).isKnown).toBe(false);
  });

  test('of fetching once the level stands and is what is said of it', () => {
    const two = [...many(4, [fetched(1, 1), fetched(2, 2)]).flat(), ...many(5, fetched(3, 6))];
    expect(fetching(...two).isKnown).toBe(true);
    expect(fetching(fetched(1, 1), fetched(2, 2)).isKnown).toBe(false);
    expect(fetching(...many(8, fetched(6, 6))).isKnown).toBe(true);
  });

  test('but not while a number out of reach has been asked today once only', () => {
    const before = [
      ...many(4, [fetched(1, 1, '2026-03-01'), fetched(2, 2, '2026-03-01')]).flat(),
      ...many(5, fetched(3, 6, '2026-03-01')),
    ];
    expect(fetching(...before).isKnown).toBe(true);
    expect(fetching(...before, fetched(3, 6)).isKnown).toBe(false);
    expect(fetching(...before, fetched(3, 6), fetched(4, 7)).isKnown).toBe(true);
    // The largest number it gives is in reach, and asking it once leaves nothing to look at again.
    expect(fetching(...before, fetched(2, 2)).isKnown).toBe(true);
  });
});

describe('what goes well makes the next likelier', () => {
  test('of words, a row and fetching, and what does not, less likely', () => {
    expect(words(reached(8, true)).chanceAt(9)).toBeGreaterThan(words().chanceAt(9));
    expect(words(reached(8, false)).chanceAt(9)).toBeLessThan(words().chanceAt(9));
    expect(row(kept(8, true)).chanceAt(9)).toBeGreaterThan(row().chanceAt(9));
    expect(row(kept(8, false, 4)).chanceAt(9)).toBeLessThan(row().chanceAt(9));
    expect(fetching(fetched(4, 4)).chanceAt(4)).toBeGreaterThan(fetching().chanceAt(4));
    expect(fetching(fetched(4, 7)).chanceAt(4)).toBeLessThan(fetching().chanceAt(4));
  });
});
