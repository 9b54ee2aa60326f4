import { figure } from '../common/parameters.js';
import { tracking, trackingShapes, type Tracking, type TrackingShape } from '../estimates/tracking.js';
import { observationsOf } from '../evidence/observations.js';
import { skillMap } from '../skills/map.js';
import type { Arrangement, Trace } from '../trace/trace.js';
import { sayNumber } from './sayNumber.js';
import { beatOf, thingsOf } from './weaknesses.js';
import type { TrackingStatement } from './statement.js';

/** Arrangements without a line to follow, in which track is lost at the close more often. */
const open: ReadonlySet<Arrangement> = new Set(['scattered', 'ring']);

/** The weights of the shapes before the first try, by arrangement. */
export const shapesOf = (arrangement: Arrangement): readonly number[] =>
  open.has(arrangement) ? figure.trackingShapesOpen : figure.trackingShapes;

/** How many things a child keeps track of in one arrangement, and where it loses track. */
export function trackingStatement(
  arrangement: Arrangement,
  traces: readonly Trace[],
  date: string,
): readonly TrackingStatement[] {
  const skill = skillMap.find(
    ({ read }) => read && 'arrangement' in read && read.arrangement === arrangement,
  );
  const counts = traces.flatMap((trace) => {
    const look = observationsOf(trace).tracking;
    return look ? [{ trace, look }] : [];
  });
  if (!skill || counts.length === 0) return [];
  const known = tracking(
    counts.map(({ look }) => look),
    { shapes: shapesOf(arrangement), day: date, keepAs: arrangement },
  );
  const said = sayNumber(
    counts.map(({ trace, look }) => ({
      trace,
      passed: look.success ? look : null,
      missed: look.success ? null : look,
    })),
    known,
    arrangement === 'heard' ? beatOf : thingsOf,
  );
  const hasSlipped = counts.some(({ look }) => !look.success);
  return [
    { skill: skill.id, by: 'one-to-one', arrangement, shape: hasSlipped ? plainShape(known) : null, ...said },
  ];
}

/** The shape that is plain by now; a chance alike at every thing is nothing to tell. */
function plainShape({ byShape }: Tracking): TrackingShape | null {
  return (
    trackingShapes.find((shape) => shape !== 'constant' && byShape[shape] >= figure.trackingShapeTold) ?? null
  );
}
