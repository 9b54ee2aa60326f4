import fc from 'fast-check';
import { ClaimPass, keptPass, type ClaimRules } from './claims.js';
import { threshold, type ThresholdTry } from './threshold.js';
import { tracking, type TrackingTry } from './tracking.js';

const days = ['2026-01-05', '2026-01-12', '2026-01-13', '2026-02-20', '2026-03-02', '2026-05-11'];
const anyDay = fc.constantFrom(...days);
const anyTry = fc.record({
  n: fc.integer({ min: 1, max: 12 }),
  success: fc.boolean(),
  weight: fc.constantFrom(0, 0.5, 1),
  day: anyDay,
});
const later = fc.constantFrom('2026-05-11', '2026-06-30', '2026-12-24');

/** Each estimate from a kept pass, and all from the beginning. */
const asked = {
  threshold: (tries: readonly ThresholdTry[], day: string, keepAs?: string) =>
    threshold(tries, { priorMean: 5, fade: 0.02, claimsBySlope: true, day, ...(keepAs && { keepAs }) }),
  tracking: (tries: readonly ThresholdTry[], day: string, keepAs?: string) =>
    tracking(tries as unknown as readonly TrackingTry[], { day, ...(keepAs && { keepAs }) }),
};

describe('a pass over the days, kept', () => {
  test.each(Object.entries(asked))(
    '%s: says the same as from the beginning, whatever was asked before and whatever came since',
    (_, estimate) => {
      fc.assert(
        fc.property(
          fc.array(anyTry, { minLength: 1, maxLength: 12 }),
          fc.array(fc.tuple(later, fc.integer({ min: 1, max: 12 })), { minLength: 1, maxLength: 4 }),
          (made, questions) => {
            const tries = made
              .map((one) => ({ ...one, firstSlip: null }))
              .toSorted((a, b) => (a.day < b.day ? -1 : 1));
            for (const [day, count] of questions) {
              const soFar = tries.slice(0, count);
              const kept = estimate(soFar, day, 'test');
              const fresh = estimate(structuredClone(soFar), day);
              expect(kept.supported.length).toBe(fresh.supported.length);
              kept.supported.forEach((value, i) => expect(value).toBeCloseTo(fresh.supported[i]!, 10));
              kept.likely.forEach((value, i) => expect(value).toBeCloseTo(fresh.likely[i]!, 10));
            }
          },
        ),
        { numRuns: 60 },
      );
    },
  );

  test('reads only what is new: a try on a later day, and the days since', () => {
    const read: number[] = [];
    const rules: ClaimRules<number, ThresholdTry> = {
      initial: 0,
      afterDays: (state) => state,
      idled: (state) => ({ state, supported: [state] }),
      observed: (state, tries) => {
        read.push(tries.length);
        return state + tries.length;
      },
      supportOf: (state) => [state],
    };
    const look = (day: string): ThresholdTry => ({ n: 3, success: true, weight: 1, day });
    const tries = [look(days[0]!), look(days[1]!), look(days[1]!)];
    const pass = keptPass(tries, 'counting', () => rules);
    expect(pass.at(tries, '2026-01-30').state).toBe(3);
    expect(read).toEqual([1, 2]);
    const more = [...tries, look(days[3]!)];
    expect(keptPass(more, 'counting', () => rules).at(more).state).toBe(4);
    expect(read).toEqual([1, 2, 1]);
    // An earlier day is answered from what was kept.
    expect(pass.at(tries.slice(0, 1), days[0]).state).toBe(1);
    expect(read).toEqual([1, 2, 1]);
    // A try that was corrected is another: from its day on all is read again.
    const corrected = [tries[0]!, look(days[1]!), tries[2]!, more[3]!];
    expect(pass.at(corrected).state).toBe(4);
    expect(read).toEqual([1, 2, 1, 2, 1]);
  });

  test('the least on the way counts, also where something was better again at its end', () => {
    const course = [0.9, 0.9, 0.4, 0.8];
    const pass = new ClaimPass<number, ThresholdTry>({
      initial: 0,
      afterDays: (state, by) => state + by,
      idled: (state, days) => ({
        state: state + days,
        supported: [Math.min(...course.slice(state + 1, state + days + 1))],
      }),
      observed: (state) => state,
      supportOf: (state) => [course[state]!],
    });
    const passed: ThresholdTry = { n: 1, success: true, weight: 1, day: '2026-03-02' };
    expect(pass.at([passed], '2026-03-03').supported).toEqual([0.9]);
    expect(pass.at([passed], '2026-03-05').supported).toEqual([0.4]);
  });
});
