import { settledEvents } from '../trace/settled.js';
import type { HappeningEvent, TraceEvent } from '../trace/trace.js';

export interface KeptReading {
  /** Said the same number again without counting anew. */
  readonly shown: boolean;
  /** Counted again before answering the second time. */
  readonly recounted: boolean;
}

const countsAnew: ReadonlySet<HappeningEvent['kind']> = new Set(['count', 'say', 'touch', 'restart']);

/**
 * Does the number stay when something is done to the things between two questions? Spread, boxed or
 * ringed for conservation, counted from the other end for order-irrelevance: the task says which.
 *
 * @returns null where "how many?" was not asked a second time, or not answered both times
 */
export function readKept(trace: { readonly events: readonly TraceEvent[] }): KeptReading | null {
  const events = settledEvents(trace.events);
  const asks = events.flatMap((event, i) =>
    event.kind === 'ask' && event.question === 'how-many' ? [i] : [],
  );
  const [first, second] = asks;
  if (first === undefined || second === undefined) return null;
  const before = answerIn(events.slice(first, second));
  const after = answerIn(events.slice(second));
  if (before === null || after === null) return null;
  const recounted = events.slice(second).some((event) => countsAnew.has(event.kind));
  return { recounted, shown: !recounted && after === before };
}

function answerIn(events: readonly HappeningEvent[]): number | string | null {
  const answer = events.findLast((event) => event.kind === 'answer');
  return answer?.kind === 'answer' ? answer.value : null;
}
