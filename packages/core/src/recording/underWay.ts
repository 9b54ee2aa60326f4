import { splitPasses, type PassEvent } from '../trace/passes.js';
import { settledEvents, undoneSeqs } from '../trace/settled.js';
import { isOfFirstLanguage } from '../reading/readStart.js';
import { isNumberWord, type CountStep, type TraceEvent } from '../trace/trace.js';

/** What stands of a try, and what it is counted by. */
export interface RecordedSoFar {
  readonly events: readonly TraceEvent[];
  readonly start: number;
  readonly direction: 1 | -1;
  /** By twos, fives or tens; by ones where absent. */
  readonly step?: CountStep | undefined;
  /** Both languages are said: each word is followed by that of the second. */
  readonly inTwo?: boolean;
  /** How many things lie there. */
  readonly size?: number;
  /** Nothing lies there: every word is a word without a touch. */
  readonly spoken?: boolean;
  /** How many places there are to put one thing each. */
  readonly places?: number;
}

export const isSecond = (event: TraceEvent): boolean => event.kind === 'say' && event.lang === 2;

/** The last step that has not been taken back. */
export function lastStanding(events: readonly TraceEvent[]): TraceEvent | undefined {
  const undone = undoneSeqs(events);
  return events.findLast((event) => event.kind !== 'undo' && !undone.has(event.seq));
}

/** A stop on the way, to ask whether the number is reached, begins no new one. */
export function currentPass(events: readonly TraceEvent[]): readonly PassEvent[] {
  const settled = settledEvents(events).filter((event) => event.kind !== 'ask' || event.question !== 'which');
  return splitPasses(settled).at(-1)!;
}

/** The last count, word or touch of the pass under way: what the slips act on. A zero said before it all is no tap. */
export function lastTap(events: readonly TraceEvent[]): PassEvent | undefined {
  return currentPass(events).findLast(
    (event, i) => event.kind !== 'passed-over' && !isZeroFirst(event, i) && !isSecond(event),
  );
}

const isZeroFirst = (event: PassEvent, place: number): boolean =>
  place === 0 && event.kind === 'say' && event.word === 0;

/**
 * The word to offer: one on from the child's last word, not from the thing's place. A word that is
 * no number stands in the place of one.
 */
export function nextWord(soFar: RecordedSoFar): number {
  const words = currentPass(soFar.events).flatMap((event) => (isOfFirstLanguage(event) ? [event.word] : []));
  const lastNumber = words.findLastIndex(isNumberWord);
  const step = soFar.direction * (soFar.step ?? 1);
  if (lastNumber < 0) return soFar.start + step * words.length;
  return (words[lastNumber] as number) + step * (words.length - lastNumber);
}

/** Something was handed over since the last request. */
export function hasGiven(events: readonly TraceEvent[]): boolean {
  const settled = settledEvents(events);
  return settled
    .slice(
      Math.max(
        0,
        settled.findLastIndex((event) => event.kind === 'ask'),
      ),
    )
    .some((event) => event.kind === 'given');
}
