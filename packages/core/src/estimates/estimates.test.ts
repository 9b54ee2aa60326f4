import fc from 'fast-check';
import { afterDays, cells, meanOf, normalDensity, sdOf } from './axis.js';
import { knowerLevels, statedLevel, type FetchTry } from './knowerLevels.js';
import { parameters } from './parameters.js';
import { proportion, type ProportionTry } from './proportion.js';
import { threshold, type ThresholdTry } from './threshold.js';
import { limitOf, trackingLimit, type TrackingTry } from './trackingLimit.js';

const anyDay = fc
  .integer({ min: 0, max: 120 })
  .map((days) => new Date(Date.UTC(2026, 0, 5 + days)).toISOString().slice(0, 10));
const anyWeight = fc.constantFrom(0, 0.25, 0.5, 0.7, 1);
const longAfter = '2026-07-20';

const thresholdTry: fc.Arbitrary<ThresholdTry> = fc.record({
  n: fc.integer({ min: 1, max: 20 }),
  success: fc.boolean(),
  weight: anyWeight,
  day: anyDay,
});
const trackingTry: fc.Arbitrary<TrackingTry> = fc
  .record({ n: fc.integer({ min: 1, max: 20 }), slips: fc.nat(3), weight: anyWeight, day: anyDay })
  .map((one) => ({ ...one, success: one.slips === 0 }));
const fetchTry: fc.Arbitrary<FetchTry> = fc.record({
  asked: fc.integer({ min: 1, max: 10 }),
  given: fc.nat(15),
  weight: anyWeight,
  day: anyDay,
});
const levelNumber = (tries: readonly FetchTry[], day: string): number => {
  const { level } = statedLevel(tries, { pile: 15, day });
  return level === 'CP' ? 5 : Number(level ?? 0);
};

/** Each way of saying how far, from its own kind of tries, on a day. */
const ways = [
  {
    name: 'threshold',
    tries: fc.array(thresholdTry, { maxLength: 12 }),
    miss: thresholdTry.map((one) => ({ ...one, success: false })),
    said: (tries: readonly ThresholdTry[], day: string) => threshold(tries, { priorMean: 5, day }).steadyTo,
  },
  {
    name: 'trackingLimit',
    tries: fc.array(trackingTry, { maxLength: 12 }),
    miss: trackingTry.map((one) => ({ ...one, slips: Math.max(1, one.slips), success: false })),
    said: (tries: readonly TrackingTry[], day: string) => trackingLimit(tries, { day }).steadyTo,
  },
  {
    name: 'statedLevel',
    tries: fc.array(fetchTry, { maxLength: 12 }),
    miss: fetchTry.map((one) => ({ ...one, given: one.given === one.asked ? one.asked + 1 : one.given })),
    said: levelNumber,
  },
] as unknown as readonly {
  name: string;
  tries: fc.Arbitrary<{ weight: number; day: string }[]>;
  miss: fc.Arbitrary<{ weight: number; day: string }>;
  said: (tries: readonly object[], day: string) => number;
}[];

describe.each(ways)('$name', ({ tries, miss, said }) => {
  test('a miss more never raises what is said', () => {
    fc.assert(
      fc.property(tries, miss, (before, more) => {
        expect(said([...before, more], longAfter)).toBeLessThanOrEqual(said(before, longAfter));
      }),
      { numRuns: 200 },
    );
  });

  test('time alone never raises what is said', () => {
    fc.assert(
      fc.property(
        tries,
        fc.integer({ min: 0, max: 300 }),
        fc.integer({ min: 1, max: 200 }),
        (made, from, later) => {
          const day = (days: number) => new Date(Date.UTC(2026, 4, 10 + days)).toISOString().slice(0, 10);
          expect(said(made, day(from + later))).toBeLessThanOrEqual(said(made, day(from)));
        },
      ),
      { numRuns: 100 },
    );
  });

  test('the order of the tries does not matter, nor does a try of no weight', () => {
    fc.assert(
      fc.property(tries, miss, (made, other) => {
        const known = said(made, longAfter);
        expect(said([...made].reverse(), longAfter)).toBe(known);
        expect(said([...made, { ...other, weight: 0 }], longAfter)).toBe(known);
      }),
      { numRuns: 100 },
    );
  });
});

describe(threshold, () => {
  const passed = (n: number, day: string): ThresholdTry => ({ n, success: true, weight: 1, day });

  test('says nothing before anything was passed, and nothing beyond what was', () => {
    expect(threshold([], { priorMean: 30 }).steadyTo).toBe(0);
    fc.assert(
      fc.property(fc.array(thresholdTry), (tries) => {
        const passes = tries.filter((one) => one.success && one.weight > 0).map((one) => one.n);
        expect(threshold(tries, { priorMean: 12 }).steadyTo).toBeLessThanOrEqual(Math.max(0, ...passes));
      }),
    );
  });

  test('four passes over two days stand for a number, but not for the smaller ones', () => {
    const days = ['2026-03-02', '2026-03-02', '2026-03-09', '2026-03-09'];
    const atOne = days.map((day) => passed(1, day));
    const doubtful = { priorMean: -4, slopes: [2.7], claim: 0.99 };
    expect(threshold(atOne.slice(0, 3), doubtful).steadyTo).toBe(0);
    expect(threshold(atOne, doubtful).steadyTo).toBe(1);
    expect(
      threshold(
        days.map((day) => passed(3, day)),
        doubtful,
      ).steadyTo,
    ).toBe(0);
  });

  test('tells since when: from the day on which it was first said and has held', () => {
    const steady = ['2026-03-02', '2026-03-09', '2026-03-16'].flatMap((day) =>
      [5, 6, 7].map((n) => passed(n, day)),
    );
    const { steadyTo, since } = threshold(steady, { priorMean: 5 });
    expect(steadyTo).toBeGreaterThanOrEqual(4);
    expect(['2026-03-02', '2026-03-09', '2026-03-16']).toContain(since);
    const lost = { n: 2, success: false, weight: 1, day: '2026-03-23' };
    expect(threshold([lost], { priorMean: 5 }).since).toBeNull();
  });

  test('knows less as time goes by, and where it may grow, expects more', () => {
    const tries = [passed(6, '2026-03-02')];
    const now = threshold(tries, { priorMean: 5, day: '2026-03-02' });
    const later = threshold(tries, { priorMean: 5, day: '2026-06-01' });
    const grown = threshold(tries, { priorMean: 5, day: '2026-06-01', growing: true });
    expect(later.sd).toBeGreaterThan(now.sd);
    expect(later.mean).toBeCloseTo(now.mean, 0);
    expect(grown.mean - later.mean).toBeCloseTo(0.15 * 13, 1);
  });

  test('an answer chosen from two is worth less than an open one', () => {
    const open = threshold([passed(8, '2026-03-02')], { priorMean: 4 });
    const chosen = threshold([{ ...passed(8, '2026-03-02'), choices: 2 }], { priorMean: 4 });
    expect(chosen.mean).toBeLessThan(open.mean);
  });

  test('what other skills say of the slopes moves the estimate, and no claim', () => {
    const tries = [4, 5, 6, 9].map((n) => ({ n, success: n < 9, weight: 1 }));
    const sharp = threshold(tries, { priorMean: 5, slopeWeights: [1, 0.01, 0.01, 0.01, 0.01] });
    const gradual = threshold(tries, { priorMean: 5, slopeWeights: [0.01, 0.01, 0.01, 0.01, 1] });
    expect(sharp.sd).toBeLessThan(gradual.sd);
    expect(sharp.supported).toEqual(gradual.supported);
  });

  test('refuses a number below one and a weight above one', () => {
    expect(() => threshold([{ n: 0, success: true, weight: 1 }], { priorMean: 4 })).toThrow(RangeError);
    expect(() => threshold([{ n: 3, success: true, weight: 2 }], { priorMean: 4 })).toThrow(RangeError);
  });
});

describe(trackingLimit, () => {
  const clean = (n: number): TrackingTry => ({ n, slips: 0, success: true, weight: 1 });

  test('five clean counts of ten tell more than one, and never more than ten', () => {
    const once = trackingLimit([clean(10)]).steadyTo;
    const often = trackingLimit(Array.from({ length: 5 }, () => clean(10))).steadyTo;
    expect(often).toBeGreaterThan(once);
    expect(trackingLimit(Array.from({ length: 40 }, () => clean(10))).steadyTo).toBe(10);
  });

  test('comes to the slip chance of a child that loses track one time in twelve', () => {
    const tries: TrackingTry[] = Array.from({ length: 60 }, (_, i) =>
      i % 2 === 0 ? { n: 6, slips: 1, success: false, weight: 1 } : clean(6),
    );
    const { slipChance, interval } = trackingLimit(tries);
    expect(slipChance).toBeCloseTo(1 / 12, 2);
    expect(interval[0]).toBeLessThan(limitOf(1 / 12));
    expect(interval[1]).toBeGreaterThan(limitOf(1 / 12));
  });

  test('refuses a success with a slip', () => {
    expect(() => trackingLimit([{ ...clean(4), slips: 1 }])).toThrow(RangeError);
  });
});

describe(knowerLevels, () => {
  const worked = [
    [3, 3],
    [4, 2],
    [3, 3],
    [4, 5],
    [2, 2],
  ].map(([asked, given]) => ({ asked: asked!, given: given!, weight: 1 }));

  test('the worked child fetches three', () => {
    const levels = knowerLevels(worked, { pile: 15 });
    expect(levels['3']).toBeCloseTo(0.831, 3);
    expect(levels['4']).toBeCloseTo(0.083, 3);
    expect(levels['0']).toBeCloseTo(0.01, 3);
  });

  test('sums to one, whatever was given', () => {
    fc.assert(
      fc.property(fc.array(fetchTry), (tries) => {
        const sum = Object.values(knowerLevels(tries, { pile: 15 })).reduce((one, other) => one + other, 0);
        expect(sum).toBeCloseTo(1, 9);
      }),
    );
  });

  test('giving nothing is no try; more than the pile cannot be', () => {
    const nothing = { asked: 3, given: 0, weight: 1 };
    expect(knowerLevels([nothing], { pile: 15 })).toEqual(knowerLevels([], { pile: 15 }));
    expect(() => knowerLevels([{ asked: 3, given: 16, weight: 1 }], { pile: 15 })).toThrow(RangeError);
    expect(() => knowerLevels([{ asked: 16, given: 3, weight: 1 }], { pile: 15 })).toThrow(RangeError);
  });

  test('states a level only where it was itself fetched', () => {
    const threes = Array.from({ length: 4 }, () => ({ asked: 3, given: 3, weight: 1 }));
    expect(statedLevel(threes, { pile: 15 }).level).toBe('3');
    const fours = threes.map(() => ({ asked: 4, given: 4, weight: 1 }));
    expect(statedLevel(fours, { pile: 15 }).level).toBe('4');
    const sixes = threes.map(() => ({ asked: 6, given: 6, weight: 1 }));
    expect(statedLevel([...fours, ...sixes], { pile: 15 }).level).toBe('CP');
  });
});

describe(proportion, () => {
  const looks = (day: string, ...held: boolean[]): ProportionTry[] =>
    held.map((success) => ({ success, weight: 1, day }));

  test('is shown by enough tries over two days, not by one good day', () => {
    const oneDay = looks('2026-03-02', true, true, true, true, true);
    expect(proportion(oneDay, '2026-03-02').shown).toBe(false);
    expect(proportion([...oneDay, ...looks('2026-03-03', true)], '2026-03-03').shown).toBe(true);
    expect(proportion([...oneDay, ...looks('2026-03-03', false, false)], '2026-03-03').shown).toBe(false);
  });

  test('what was seen six weeks before counts half', () => {
    const [successes, misses] = proportion(looks('2026-03-02', true, false), '2026-04-13').beta;
    expect([successes, misses]).toEqual([1.5, 1.5]);
  });

  test('time and misses never make it shown', () => {
    const anyLook = fc.record({ success: fc.boolean(), weight: anyWeight, day: anyDay });
    fc.assert(
      fc.property(fc.array(anyLook), fc.nat(300), anyDay, (made, later, day) => {
        const { shown } = proportion(made, longAfter);
        const then = new Date(Date.parse(longAfter) + later * 86_400_000).toISOString().slice(0, 10);
        if (!shown) expect(proportion(made, then).shown).toBe(false);
        const missed = proportion([...made, { success: false, weight: 1, day }], longAfter);
        if (!shown) expect(missed.mean).toBeLessThanOrEqual(proportion(made, longAfter).mean);
      }),
    );
  });
});

describe('the axis', () => {
  test('a week of waiting spreads a density by the figure of the table, and moves it nowhere', () => {
    const before = normalDensity(10, 1);
    const after = afterDays(before, 7);
    expect(meanOf(after)).toBeCloseTo(10, 6);
    expect(sdOf(after) ** 2 - sdOf(before) ** 2).toBeCloseTo(0.36, 3);
    expect(cells[0]).toBe(-4);
    expect(cells.at(-1)).toBe(36);
  });

  test('every figure has its unit and its reason', () => {
    for (const { unit, why } of Object.values(parameters)) expect(unit && why).toBeTruthy();
  });
});
