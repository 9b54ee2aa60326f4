import { figure } from '../estimates/parameters.js';
import { countOutPriorMean } from '../estimates/priors.js';
import { threshold } from '../estimates/threshold.js';
import { observationsOf } from '../evidence/observations.js';
import type { Trace } from '../trace/trace.js';
import { sayNumber } from './sayNumber.js';
import { thingsOf } from './weaknesses.js';
import type { CountOutStatement } from './statement.js';

/** How many the child counts out of a pile that has more than enough. */
export function countOutStatement(
  traces: readonly Trace[],
  date: string,
  months: number | null,
): readonly CountOutStatement[] {
  const looks = traces.flatMap((trace) => {
    const countOut = observationsOf(trace).countOut;
    return countOut ? [{ trace, look: countOut }] : [];
  });
  if (looks.length === 0) return [];
  const known = threshold(
    looks.map(({ look }) => look),
    {
      priorMean: countOutPriorMean(months),
      claim: figure.statedClaim,
      countsAlone: false,
      claimsBySlope: true,
      fade: figure.fade,
      day: date,
      keepAs: `count-out ${months}`,
    },
  );
  const said = sayNumber(
    looks.map(({ trace, look }) => ({
      trace,
      passed: look.success ? look : null,
      missed: look.success ? null : look,
    })),
    known,
    thingsOf,
  );
  return [{ skill: 'count-out', by: 'count-out', ...said }];
}
