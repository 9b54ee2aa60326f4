import { figure } from '../estimates/parameters.js';
import { countOutPriorMean } from '../estimates/priors.js';
import { threshold } from '../estimates/threshold.js';
import { observationsOf } from '../evidence/observations.js';
import type { Trace } from '../trace/trace.js';
import { groundsOf } from './grounds.js';
import type { CountOutStatement } from './statement.js';

/** How many the child counts out of a pile that has more than enough. */
export function countOutStatement(
  traces: readonly Trace[],
  date: string,
  months: number | null,
): readonly CountOutStatement[] {
  const looks = traces.flatMap((trace) => {
    const countOut = observationsOf(trace).countOut;
    return countOut ? [{ trace, ...countOut }] : [];
  });
  if (looks.length === 0) return [];
  const known = threshold(looks, {
    priorMean: countOutPriorMean(months),
    claim: figure.statedClaim,
    day: date,
  });
  const triedTo = Math.max(...looks.map((one) => one.n));
  const { steadyTo } = known;
  const supports = looks.filter((one) => one.success && one.n >= Math.max(1, steadyTo));
  return [
    {
      skill: 'count-out',
      steadyTo,
      reachingFor: triedTo > steadyTo ? steadyTo + 1 : null,
      triedTo,
      sure: steadyTo === 0 ? 0 : known.supported[steadyTo - 1]!,
      since: known.since,
      ...groundsOf(
        looks.map((one) => one.trace),
        supports.map((one) => one.trace),
      ),
    },
  ];
}
