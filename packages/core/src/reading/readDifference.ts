import { settledEvents } from '../trace/settled.js';
import type { Trace, Word } from '../trace/trace.js';

export interface DifferenceReading {
  /** By how many one set is larger than the other. */
  readonly difference: number;
  /** Null where nothing was said. */
  readonly said: Word | null;
  readonly right: boolean | null;
}

/**
 * Reads by how many one of two sets was said to be larger; the first answer decides, and not knowing is not right.
 * @returns null where that was not asked
 */
export function readDifference({ set, events }: Pick<Trace, 'set' | 'events'>): DifferenceReading | null {
  const [one, other] = set.layout?.comparison?.sets ?? [];
  const settled = settledEvents(events);
  const asked = settled.findIndex((event) => event.kind === 'ask' && event.question === 'hidden');
  if (!one || !other || asked < 0) return null;
  const difference = Math.abs(one.n - other.n);
  const answer = settled.slice(asked).find((event) => event.kind === 'answer' && event.value !== null);
  const said = answer?.kind === 'answer' ? answer.value : null;
  return { difference, said, right: said === null ? null : said === difference };
}
