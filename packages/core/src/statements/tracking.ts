import { cells } from '../estimates/axis.js';
import { figure } from '../estimates/parameters.js';
import { chanceClean, trackingLimit, type TrackingLimit } from '../estimates/trackingLimit.js';
import { observationsOf } from '../evidence/observations.js';
import type { Arrangement, Trace } from '../trace/trace.js';
import { groundsOf } from './grounds.js';
import type { TrackingStatement } from './statement.js';

export function trackingStatement(
  arrangement: Arrangement,
  traces: readonly Trace[],
  date: string,
): readonly TrackingStatement[] {
  const counts = traces.flatMap((trace) => {
    const tracking = observationsOf(trace).tracking;
    return tracking ? [{ trace, ...tracking }] : [];
  });
  if (counts.length === 0) return [];
  const limit = trackingLimit(counts, { claim: figure.statedClaim, day: date });
  const triedTo = Math.max(...counts.map((one) => one.n));
  const { steadyTo } = limit;
  const supports = counts.filter((one) => one.success && one.n >= Math.max(1, steadyTo));
  return [
    {
      skill: 'one-to-one',
      arrangement,
      steadyTo,
      reachingFor: reachingFor(limit, triedTo),
      triedTo,
      sure: steadyTo === 0 ? 0 : limit.supported[steadyTo - 1]!,
      since: limit.since,
      ...groundsOf(
        counts.map((one) => one.trace),
        supports.map((one) => one.trace),
      ),
    },
  ];
}

/** The smallest number above what is steady at which a count goes well less often than is steady. */
function reachingFor({ steadyTo, posterior }: TrackingLimit, triedTo: number): number | null {
  for (let n = steadyTo + 1; n <= triedTo + figure.reach; n++) {
    const mean = posterior.reduce((sum, weight, i) => sum + weight * chanceClean(n, cells[i]!), 0);
    if (mean < figure.steadyChance) return n;
  }
  return null;
}
