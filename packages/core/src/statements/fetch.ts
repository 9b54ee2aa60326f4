import { knowerLevels, statedLevel } from '../estimates/knowerLevels.js';
import { figure } from '../estimates/parameters.js';
import { observationsOf } from '../evidence/observations.js';
import type { Trace } from '../trace/trace.js';
import { earliestDay, groundsOf } from './grounds.js';
import type { FetchStatement } from './statement.js';

/** How many there are to take from, where a try does not say. */
const USUAL_PILE = 15;

export function fetchStatement(traces: readonly Trace[], date: string): readonly FetchStatement[] {
  const requests = traces.flatMap((trace) => {
    const fetch = observationsOf(trace).fetch;
    return fetch ? [{ trace, ...fetch }] : [];
  });
  if (requests.length === 0) return [];
  const options = { pile: USUAL_PILE, day: date };
  const { level, probability } = statedLevel(requests, options, figure.statedClaim);
  const stated = level === 'CP' ? 5 : Number(level ?? 1);
  const supports = requests.filter((one) => one.given === one.asked && one.asked >= stated);
  return [
    {
      skill: 'fetch',
      level,
      levels: knowerLevels(requests, options),
      triedTo: Math.max(...requests.map((one) => one.asked)),
      sure: probability,
      since: level === null ? null : earliestDay(supports.map((one) => one.trace)),
      ...groundsOf(
        requests.map((one) => one.trace),
        supports.map((one) => one.trace),
      ),
    },
  ];
}
