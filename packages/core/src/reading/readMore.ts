import { settledEvents } from '../trace/settled.js';
import type { Trace, Word } from '../trace/trace.js';

export interface MoreReading {
  /** Null where nothing was said. */
  readonly said: Word | null;
  /** How many the frame still takes. */
  readonly missing: number;
}

/**
 * Reads how many more a frame takes, where that was asked of things in a frame.
 * @returns null where it was not
 */
export function readMore({ set, events }: Pick<Trace, 'set' | 'events'>): MoreReading | null {
  const places = set.layout?.places;
  if (set.arrangement !== 'frame' || places === undefined) return null;
  const settled = settledEvents(events);
  const asked = settled.findIndex((event) => event.kind === 'ask' && event.question === 'hidden');
  if (asked < 0) return null;
  const answer = settled.slice(asked).find((event) => event.kind === 'answer');
  return { said: answer?.kind === 'answer' ? answer.value : null, missing: places - set.size };
}
