import { figure } from '../common/parameters.js';
import { threshold } from '../estimates/threshold.js';
import { observationsOf } from '../evidence/observations.js';
import { thresholdReaders } from '../evidence/thresholdReaders.js';
import type { ThresholdSkill } from '../skills/map.js';
import type { Trace } from '../trace/trace.js';
import { sayNumber } from './sayNumber.js';
import { thingsOf } from './weaknesses.js';
import type { ThresholdStatement } from './statement.js';

/** How far a skill goes that gives way at some number. */
export function thresholdStatement(
  skill: ThresholdSkill,
  traces: readonly Trace[],
  date: string,
  months: number | null,
): readonly ThresholdStatement[] {
  const looks = traces.flatMap((trace) => {
    const look = observationsOf(trace).thresholds[skill];
    return look ? [{ trace, look }] : [];
  });
  if (looks.length === 0) return [];
  const known = threshold(
    looks.map(({ look }) => look),
    {
      priorMean: thresholdReaders[skill].priorMean(months),
      ...thresholdReaders[skill].varies,
      claim: figure.statedClaim,
      countsAlone: false,
      claimsBySlope: true,
      fade: figure.fade,
      day: date,
      keepAs: `${skill} ${months}`,
    },
  );
  const said = sayNumber(
    looks.map(({ trace, look }) => ({
      trace,
      passed: look.success ? look : null,
      missed: look.success ? null : look,
    })),
    known,
    thresholdReaders[skill].isOfAnyKind ? null : thingsOf,
  );
  return [{ skill, by: skill, ...said }];
}
