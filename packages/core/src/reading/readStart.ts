import type { Pass, Unplaced, WordEvent } from '../trace/passes.js';

/** Where a count began. Zero said before the first touch is a habit of the room; said on the first thing it is a slip. */
export type StartReading = 'at-start' | 'zero-before' | 'zero-on-first' | 'elsewhere' | 'none';

/** A word of the language counted in, not of a second that is said beside it. */
export const isOfFirstLanguage = <Event extends Unplaced>(
  event: Event,
): event is Extract<Event, { kind: 'count' | 'say' }> =>
  (event.kind === 'count' || event.kind === 'say') && event.lang === undefined;

/**
 * Reads where a count began, by its first word in the first language.
 *
 * @param pass events of one pass, undos and take-backs applied
 * @param start the number the count should begin from
 */
export function readStart(pass: readonly Unplaced[], start: number, direction: 1 | -1 = 1): StartReading {
  const at = pass.findIndex(isOfFirstLanguage);
  const first = pass[at];
  if (!first || !isOfFirstLanguage(first)) return 'none';
  if (first.word === start) return 'at-start';
  if (first.word !== 0 || start !== 1 || direction !== 1) return 'elsewhere';
  if (first.kind === 'count') return 'zero-on-first';
  const isTouched = pass.slice(0, at).some(({ kind }) => kind === 'count' || kind === 'touch');
  return isTouched ? 'elsewhere' : 'zero-before';
}

interface Counted {
  readonly start: number;
  readonly direction: 1 | -1;
}

/** The pass without the zero that was said before its first touch. */
export function withoutZeroBefore(pass: Pass, { start, direction }: Counted): Pass {
  if (readStart(pass, start, direction) !== 'zero-before') return pass;
  const zero = pass.find(isOfFirstLanguage);
  return pass.filter((event) => event !== zero);
}

/** The words that the order is read from: of the first language, without a zero said on the first thing. */
export function wordEventsInOrder(pass: Pass, { start, direction }: Counted): readonly WordEvent[] {
  const spoken = pass.filter((event): event is WordEvent => isOfFirstLanguage(event));
  return readStart(pass, start, direction) === 'zero-on-first' ? spoken.slice(1) : spoken;
}
