import { figure } from '../common/parameters.js';
import { proportion } from '../estimates/proportion.js';
import { observationsOf } from '../evidence/observations.js';
import { skillOfPrinciple, type Principle } from '../skills/map.js';
import { dayOf, type Trace } from '../trace/trace.js';
import type { Certainty, FetchStatement, PrincipleStatement } from './statement.js';
import { isUnaided, thingsOf, weaknessesOf } from './weaknesses.js';

/** Whether a principle holds. */
export function principleStatement(
  principle: Principle,
  traces: readonly Trace[],
  date: string,
): readonly PrincipleStatement[] {
  const { id, read } = skillOfPrinciple(principle);
  const looks = traces.flatMap((trace) => {
    const look = observationsOf(trace).principles[principle];
    return look ? [{ trace, ...look, day: dayOf(trace) }] : [];
  });
  if (looks.length === 0) return [];
  const supports = looks.filter((one) => one.success).map((one) => one.trace);
  return [
    {
      skill: id,
      by: principle,
      certainty: certaintyOf(looks, supports, date),
      mean: proportion(looks, date).mean,
      cardinalityBy: null,
      tries: looks.map((one) => one.trace.id),
      weakenedBy: weaknessesOf(
        supports,
        // What is seen in words alone, or shown, has nothing laid.
        read.restsOn === 'order' || isShownAlone(supports) ? null : thingsOf,
      ),
    },
  ];
}

const isShownAlone = (supports: readonly Trace[]): boolean =>
  supports.length > 0 && supports.every(({ set }) => set.layout?.patterns !== undefined);

interface Look {
  readonly trace: Trace;
  readonly success: boolean;
  readonly weight: number;
  readonly day: string;
}

function certaintyOf(looks: readonly Look[], supports: readonly Trace[], date: string): Certainty {
  const isSure =
    looks.length >= figure.principleTries &&
    proportion(looks, date).steady >= figure.principleSure &&
    new Set(looks.map((one) => one.day)).size >= figure.shownDays &&
    looks.some(({ trace }) => (trace.target ?? trace.set.size) > figure.smallSets) &&
    2 * supports.filter(isUnaided).length >= supports.length;
  if (isSure) return 'sure';
  const isLikely =
    looks.length >= figure.principleLikelyTries &&
    proportion(looks, date, figure.likelyHalfLife).steady >= figure.principleLikely;
  return isLikely ? 'likely' : 'unclear';
}

/** Repeating the last word is a rule; it is cardinality only where another look agrees. */
export function withCardinality(
  statement: PrincipleStatement,
  fetch: readonly FetchStatement[],
  held: readonly PrincipleStatement[],
): PrincipleStatement {
  if (statement.by !== 'last-word' || statement.certainty === 'unclear') return statement;
  const fetches = fetch.some((one) => one.level === 'CP');
  const keeps = held.some((one) => one.by === 'conservation' && one.certainty !== 'unclear');
  return { ...statement, cardinalityBy: fetches ? 'fetching' : keeps ? 'keeping' : null };
}
