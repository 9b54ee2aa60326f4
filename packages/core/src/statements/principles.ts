import { proportion } from '../estimates/proportion.js';
import { observationsOf } from '../evidence/observations.js';
import type { Principle } from '../shelf/task.js';
import { dayOf, type Trace } from '../trace/trace.js';
import { earliestDay, groundsOf } from './grounds.js';
import type { FetchStatement, PrincipleStatement } from './statement.js';

export function principleStatement(
  principle: Principle,
  traces: readonly Trace[],
  date: string,
): readonly PrincipleStatement[] {
  const looks = traces.flatMap((trace) => {
    const look = observationsOf(trace).principles[principle];
    return look ? [{ trace, ...look, day: dayOf(trace) }] : [];
  });
  if (looks.length === 0) return [];
  const { mean, shown } = proportion(looks, date);
  const supports = looks.filter((one) => one.success).map((one) => one.trace);
  const grounds = groundsOf(
    looks.map((one) => one.trace),
    supports,
  );
  return [
    {
      skill: principle,
      shown,
      mean,
      cardinalityBy: null,
      sure: mean,
      since: shown ? earliestDay(supports) : null,
      ...grounds,
      firm: shown && grounds.firm,
    },
  ];
}

/** Repeating the last word is a rule; it is cardinality only where another look agrees. */
export function withCardinality(
  statement: PrincipleStatement,
  fetch: readonly FetchStatement[],
  held: readonly PrincipleStatement[],
): PrincipleStatement {
  if (statement.skill !== 'last-word' || !statement.shown) return statement;
  const fetches = fetch.some((one) => one.level === 'CP');
  const keeps = held.some((one) => one.skill === 'conservation' && one.shown);
  return { ...statement, cardinalityBy: fetches ? 'fetching' : keeps ? 'keeping' : null };
}
