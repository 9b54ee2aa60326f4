import { splitPasses, wordsOf } from '../trace/passes.js';
import { settledEvents } from '../trace/settled.js';
import type { HappeningEvent, Trace, Word } from '../trace/trace.js';
import { withoutZeroBefore } from './readStart.js';

/** What a second count, after the answer, came to: the same, the answer mended by it, or the first answer kept all the same. */
export interface CheckReading {
  readonly kind: 'none' | 'agreed' | 'mended' | 'kept';
  /** The last word of the second count. */
  readonly counted: Word | null;
}

/** An answer that says something: a number, or a word other than not knowing. */
export const isSaid = (event: HappeningEvent | undefined): event is SaidAnswer =>
  event?.kind === 'answer' && event.value !== null && event.value !== 'did-not-know';
type SaidAnswer = Extract<HappeningEvent, { kind: 'answer' }> & { readonly value: Word };

/**
 * Reads a check: a count after the first answer to "how many?". The first answer stays the answer.
 *
 * @param trace of version 2, which knows a check
 */
export function readCheck(trace: {
  readonly start?: number;
  readonly direction?: 1 | -1;
  readonly events: Trace['events'];
}): CheckReading {
  const { start = 1, direction = 1 } = trace;
  const events = settledEvents(trace.events);
  const asked = events.findIndex((event) => event.kind === 'ask' && event.question === 'how-many');
  const at = asked < 0 ? -1 : events.findIndex((event, i) => i > asked && isSaid(event));
  const answer = events[at];
  if (!isSaid(answer)) return { kind: 'none', counted: null };
  const check = splitPasses(events.slice(at + 1))
    .map((pass) => withoutZeroBefore(pass, { start, direction }))
    .findLast((pass) => wordsOf(pass).length > 0);
  if (!check) return { kind: 'none', counted: null };
  const counted = wordsOf(check).at(-1)!;
  const last = check.findLast((event) => event.kind !== 'passed-over')!;
  const final = events.slice(events.indexOf(last) + 1).findLast(isSaid) ?? answer;
  if (counted === answer.value) return { kind: 'agreed', counted };
  return { kind: final.value === counted ? 'mended' : 'kept', counted };
}
