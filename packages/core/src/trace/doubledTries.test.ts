import { counted, traceOf } from '../testing/traces.js';
import { doubledTries } from './doubledTries.js';
import type { ChildId, SittingId, TraceId } from './ids.js';
import type { Trace } from './trace.js';

const one = traceOf({ id: 'one' as TraceId, happenings: counted(1, 2, 3, 4, 5, 6, 7, 8) });
const other = (facts: Partial<Trace> = {}): Trace => ({
  ...one,
  id: 'other' as TraceId,
  sittingId: 'sitting-2' as SittingId,
  startedAt: '2026-03-02T09:30:04.000+00:00',
  ...facts,
});
const idsOf = (...traces: Trace[]) => doubledTries(traces).map((pair) => pair.map((trace) => trace.id));

describe(doubledTries, () => {
  test('the same task and number of one child at the same time, at two devices', () => {
    expect(idsOf(one, other())).toEqual([['one', 'other']]);
    // The other device stands in another time zone, or its clock is a little off.
    expect(idsOf(one, other({ startedAt: '2026-03-02T10:30:40.000+01:00' }))).toHaveLength(1);
  });

  test.each<[string, Partial<Trace>]>([
    ['another child', { childId: 'child-2' as ChildId }],
    ['one sitting', { sittingId: one.sittingId }],
    ['another task', { task: 'count-aside' }],
    ['another number', { set: { ...one.set, size: 7 } }],
    ['later', { startedAt: '2026-03-02T09:35:00.000+00:00' }],
    ['known to be the same', { sameAs: 'one' as TraceId }],
    ['seen in passing', { seen: 'in-passing' }],
  ])('%s is no double', (_, facts) => {
    expect(idsOf(one, other(facts))).toEqual([]);
  });
});
