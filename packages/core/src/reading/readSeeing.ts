import { settledEvents } from '../trace/settled.js';
import type { Trace, Word } from '../trace/trace.js';

export interface SeeingReading {
  /** How many were shown. */
  readonly n: number;
  /** Null where the child said nothing. */
  readonly said: Word | null;
  /** They were counted, one by one, instead of seen. */
  readonly isCounted: boolean;
  /** Right, and not by counting; null where nothing was said. */
  readonly isSeen: boolean | null;
}

/**
 * Reads how many were said to be there of a pattern that was shown for a moment: the first answer.
 * @returns null where none was shown, or nobody asked
 */
export function readSeeing(trace: Pick<Trace, 'set' | 'strategy' | 'events'>): SeeingReading | null {
  const [pattern, other] = trace.set.layout?.patterns ?? [];
  if (!pattern || other) return null;
  const settled = settledEvents(trace.events);
  const asked = settled.findIndex((event) => event.kind === 'ask' && event.question === 'how-many');
  if (asked < 0) return null;
  const answers = settled.slice(asked).flatMap((event) => (event.kind === 'answer' ? [event.value] : []));
  const said = answers.find((value) => value !== null) ?? null;
  const isCounted = trace.strategy === 'counted-all';
  return { n: pattern.n, said, isCounted, isSeen: said === null ? null : said === pattern.n && !isCounted };
}
