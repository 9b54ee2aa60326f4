import { seededRandom } from '../common/random.js';
import { saidFor } from '../statements/saidFor.js';
import { howCompared } from '../statements/howCompared.js';
import type { ChildId, StaffId } from '../trace/ids.js';
import { usualChild } from './child.js';
import { pairsAsked, simulateSittings } from './sittings.js';

const at = [
  '2026-03-02T10:00:00.000+00:00',
  '2026-03-09T10:00:00.000+00:00',
  '2026-03-16T10:00:00.000+00:00',
];
const plan = { childId: 'child' as ChildId, adults: ['adult' as StaffId], language: 'en' };
const pairs = at.map((day, sitting) => ({ at: day, asked: pairsAsked(sitting) }));

test.each(['number', 'length', 'size'] as const)(
  'a made-up child that goes by %s is read as one that does',
  (rule) => {
    const traces = simulateSittings(
      { ...plan, ability: { ...usualChild, comparesBy: { rule } }, sittings: pairs },
      seededRandom(4),
    );
    expect(traces).toHaveLength(18);
    expect(new Set(traces.map(({ sittingId }) => sittingId)).size).toBe(3);
    const how = howCompared(traces, '2026-03-20')!;
    expect(how.rule).toBe(rule);
    expect(how.took).toBeGreaterThan(0.7 * how.of);
  },
);

test('one who sees four at once is said to see three or four, on the screen for as long as the app shows them', () => {
  const asked = [1, 2, 3, 4, 5, 3, 4, 2].map((n) => ({ task: 'flash-few' as const, n }));
  const traces = simulateSittings(
    { ...plan, ability: { ...usualChild, seesTo: 4 }, sittings: at.map((day) => ({ at: day, asked })) },
    seededRandom(2),
  );
  expect(new Set(traces.map(({ shownMs }) => shownMs))).toEqual(new Set([700]));
  const said = saidFor(traces, '2026-03-20').find(({ skill }) => skill === 'see-few')!;
  const { likelyTo } = said as { likelyTo: number };
  expect([3, 4]).toContain(likelyTo);
});
