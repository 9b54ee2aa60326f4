import fc from 'fast-check';
import { afterDays, cells, meanOf, normalDensity, sdOf } from './axis.js';
import { knowerLevels, statedLevel, type FetchTry } from './knowerLevels.js';
import { proportion, type ProportionTry } from './proportion.js';
import { threshold, type ThresholdTry } from './threshold.js';
import { mostTracked, tracking, trackingPrior, trackingWays, type TrackingTry } from './tracking.js';

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
  .record({
    n: fc.integer({ min: 1, max: 20 }),
    success: fc.boolean(),
    at: fc.option(fc.nat(19)),
    weight: anyWeight,
    day: anyDay,
  })
  .map(({ at, ...one }) => ({
    ...one,
    firstSlip: one.success || at === null ? null : 1 + (at % one.n),
  }));
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
    const onOneDay = atOne.map((one) => ({ ...one, day: days[0]! }));
    expect(threshold(onOneDay, doubtful).steadyTo).toBe(0);
    expect(threshold([...atOne, { ...atOne[0]!, success: false }], doubtful).steadyTo).toBe(0);
    expect(
      threshold(
        days.map((day) => passed(3, day)),
        doubtful,
      ).steadyTo,
    ).toBe(0);
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

describe(tracking, () => {
  const clean = (n: number, day?: string): TrackingTry => ({
    n,
    success: true,
    firstSlip: null,
    weight: 1,
    ...(day && { day }),
  });
  const slip = (n: number, firstSlip: number | null, day?: string): TrackingTry => ({
    ...clean(n, day),
    success: false,
    firstSlip,
  });
  const often = (times: number, one: TrackingTry): TrackingTry[] => Array.from({ length: times }, () => one);
  const supportedTo = (tries: readonly TrackingTry[], least = 0.95): number =>
    tracking(tries).supported.filter((probability) => probability >= least).length;

  test('says every try out in full: whatever happens at a set of n, its chances come to one', () => {
    for (const n of [1, 2, 5, 9]) {
      const prior = Float64Array.from(trackingWays, (_, i) => Number(i === 7));
      const chanceOf = (one: TrackingTry): number => {
        // With two ways of which one is known to the full, the weight of the other tells the likelihood.
        const both = Float64Array.from(prior, (weight, i) => (i === 7 || i === 50 ? 0.5 : weight));
        const { posterior } = tracking([one], { prior: both });
        return posterior[7]! / posterior[50]!;
      };
      expect(chanceOf(clean(n))).toBeGreaterThan(0);
      const { chanceAt } = tracking([], { prior });
      expect(chanceAt(n)).toBeGreaterThan(0);
      expect(chanceAt(n)).toBeLessThanOrEqual(1);
    }
  });

  test('clean counts tell more the more there are, slips less', () => {
    const onDays = (times: number, one: TrackingTry): TrackingTry[] =>
      Array.from({ length: times }, (_, i) => ({ ...one, day: `2026-03-${String(i + 1).padStart(2, '0')}` }));
    expect(supportedTo(onDays(6, clean(8)))).toBeGreaterThan(supportedTo(onDays(2, clean(8))));
    const twelve = [...onDays(12, clean(6)), ...onDays(12, slip(12, 9))];
    expect(supportedTo(twelve)).toBeGreaterThanOrEqual(4);
    expect(supportedTo([...twelve, ...onDays(12, slip(6, 3))])).toBeLessThan(supportedTo(twelve));
  });

  test('finds where track is lost: from a number on, or at the close whatever the size', () => {
    const limit = [6, 7, 8, 6, 7, 8].flatMap((n) => [clean(n), slip(n + 5, 9), slip(n + 4, 9)]);
    const { byShape } = tracking(limit);
    expect(byShape.limit + byShape.rising).toBeGreaterThan(0.8);
    const closing = [4, 5, 6, 7, 8, 9, 10, 6].flatMap((n) => [slip(n, n), clean(n)]);
    expect(tracking(closing).byShape.closing).toBeGreaterThan(0.8);
  });

  test('a slip of no known place says only that there was one', () => {
    const known = tracking([slip(9, 9)]).chanceAt(5);
    const unknown = tracking([slip(9, null)]).chanceAt(5);
    expect(unknown).toBeLessThan(known);
  });

  test('neither time alone nor a day of misses ever lifts what is supported', () => {
    fc.assert(
      fc.property(
        fc.array(trackingTry, { maxLength: 12 }),
        trackingTry,
        fc.nat(200),
        (tries, more, later) => {
          const then = new Date(Date.parse(longAfter) + later * 86_400_000).toISOString().slice(0, 10);
          const now = tracking(tries, { day: longAfter }).supported;
          const after = tracking(tries, { day: then }).supported;
          const missed = { ...more, success: false, firstSlip: null, day: longAfter };
          const worse = tracking([...tries, missed], { day: longAfter }).supported;
          for (let n = 0; n < mostTracked; n++) {
            expect(after[n]!).toBeLessThanOrEqual(now[n]! + 1e-12);
            expect(worse[n]!).toBeLessThanOrEqual(now[n]! + 1e-12);
          }
        },
      ),
      { numRuns: 100 },
    );
  });

  test('what is known fades towards what was expected', () => {
    const tries = often(6, clean(9, '2026-01-05'));
    const years = tracking(tries, { day: '2036-01-05' }).posterior;
    trackingPrior().forEach((weight, i) => expect(years[i]!).toBeCloseTo(weight, 2));
  });

  test('refuses a place outside the set, and a set of nothing', () => {
    expect(() => tracking([slip(4, 5)])).toThrow(RangeError);
    expect(() => tracking([clean(0)])).toThrow(RangeError);
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

  test('three of three is likely, one is not, and one miss in five leaves it likely', () => {
    const steady = (...held: boolean[]) => proportion(looks('2026-03-02', ...held), '2026-03-02').steady;
    expect(steady(true, true, true)).toBeGreaterThan(0.6);
    expect(steady(true, true, true, true, true)).toBeGreaterThan(0.9);
    const four = steady(true, true, true, true, false);
    expect(four).toBeGreaterThan(0.6);
    expect(four).toBeLessThan(0.9);
    expect(steady()).toBeLessThan(0.6);
  });

  test('what was seen long ago counts for less, the less the sooner it fades', () => {
    const seen = looks('2026-03-02', true, true, true);
    const now = proportion(seen, '2026-03-02').steady;
    const later = proportion(seen, '2026-05-25').steady;
    expect(later).toBeLessThan(now);
    expect(proportion(seen, '2026-05-25', 16).steady).toBeGreaterThan(later);
  });

  test('neither time nor a miss makes it likely', () => {
    const anyLook = fc.record({ success: fc.boolean(), weight: anyWeight, day: anyDay });
    fc.assert(
      fc.property(fc.array(anyLook), fc.nat(300), anyDay, (made, later, day) => {
        const { steady } = proportion(made, longAfter);
        const then = new Date(Date.parse(longAfter) + later * 86_400_000).toISOString().slice(0, 10);
        if (steady < 0.6) expect(proportion(made, then).steady).toBeLessThan(0.6);
        const missed = proportion([...made, { success: false, weight: 1, day }], longAfter);
        expect(missed.steady).toBeLessThanOrEqual(steady + 1e-12);
      }),
    );
  });
});

describe('the axis', () => {
  test('a week of waiting spreads a density by the figure of the table, and moves it nowhere', () => {
    const before = normalDensity(10, 1);
    const after = afterDays(before, 7, { growing: false, fade: 0, prior: before });
    expect(meanOf(after)).toBeCloseTo(10, 6);
    expect(sdOf(after) ** 2 - sdOf(before) ** 2).toBeCloseTo(0.36, 3);
    expect(cells[0]).toBe(-4);
    expect(cells.at(-1)).toBe(36);
  });

  test('nothing is lost at its edges, however long the wait', () => {
    const atTheEdge = Float64Array.from(cells, (_, i) => Number(i === 0));
    for (const growing of [false, true]) {
      const after = afterDays(atTheEdge, 60, { growing, fade: 0.01, prior: atTheEdge });
      expect(after.reduce((sum, weight) => sum + weight, 0)).toBeCloseTo(1, 9);
    }
  });
});
