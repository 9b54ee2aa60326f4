import { seededRandom } from '../common/random.js';
import { howCompared } from '../statements/howCompared.js';
import type { ChildId, StaffId } from '../trace/ids.js';
import { usualChild } from './child.js';
import { simulatePairs } from './comparing.js';

const at = [
  '2026-03-02T10:00:00.000+00:00',
  '2026-03-09T10:00:00.000+00:00',
  '2026-03-16T10:00:00.000+00:00',
];
const plan = { childId: 'child' as ChildId, adults: ['adult' as StaffId], language: 'en', at };

test.each(['number', 'length', 'size'] as const)(
  'a made-up child that goes by %s is read as one that does',
  (rule) => {
    const traces = simulatePairs(
      { ...plan, ability: { ...usualChild, comparesBy: { rule } } },
      seededRandom(4),
    );
    expect(traces).toHaveLength(18);
    expect(new Set(traces.map(({ sittingId }) => sittingId)).size).toBe(3);
    const how = howCompared(traces, '2026-03-20')!;
    expect(how.rule).toBe(rule);
    expect(how.took).toBeGreaterThan(0.7 * how.of);
  },
);
