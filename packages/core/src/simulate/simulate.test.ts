import fc from 'fast-check';
import { observationsOf } from '../evidence/observations.js';
import type { ChildId, StaffId } from '../trace/ids.js';
import { usualChild } from './child.js';
import { simulateMonths } from './history.js';
import { seededRandom, seededUuid } from '../common/random.js';

const months = (seed: number, slipPerThing: number, lastWord = 0.5) =>
  simulateMonths(
    {
      childId: 'child-1' as ChildId,
      adults: ['adult-1' as StaffId],
      language: 'en',
      ability: { ...usualChild, orderTo: 14, slipPerThing, lastWord },
      growth: { orderTo: 0, slipPerThing: 1, fetches: 0, lastWord: 0, keeps: 0 },
      firstDay: '2026-01-05',
      weeks: 40,
      weeksBetween: 1,
    },
    seededRandom(seed),
  );

describe(simulateMonths, () => {
  test('the same seed gives the same tries', () => {
    expect(months(7, 0.1)).toEqual(months(7, 0.1));
  });

  test('every trace is one that an adult could have recorded', () => {
    fc.assert(
      fc.property(fc.nat({ max: 10_000 }), fc.double({ min: 0, max: 0.6, noNaN: true }), (seed, slip) => {
        for (const trace of months(seed, slip)) {
          expect(trace.events.map((event) => event.seq)).toEqual(trace.events.map((_, i) => i));
          const times = trace.events.map((event) => event.t);
          expect(times).toEqual([...times].sort((a, b) => a - b));
          expect([1, 2, 3, 4, 5]).toContain(new Date(trace.startedAt).getUTCDay());
        }
      }),
      { numRuns: 20 },
    );
  });

  test('a child that never loses track shows one-to-one, one that mostly does shows little of it', () => {
    const share = (slip: number) => {
      const looks = months(3, slip).flatMap((trace) => observationsOf(trace).tracking ?? []);
      return looks.filter((look) => look.success).length / looks.length;
    };
    expect(share(0)).toBe(1);
    expect(share(0.4)).toBeLessThan(0.4);
  });

  test('ids are version 4 UUIDs', () => {
    expect(seededUuid(seededRandom(1))).toMatch(
      /^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/,
    );
  });
});
