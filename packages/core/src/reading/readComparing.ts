import type { Comparison, Trace } from '../trace/trace.js';
import { choicesOf } from './choicesOfSets.js';
import { readChoice } from './readChoice.js';
import { standsOut } from './standsOut.js';

/** What was chosen of sets side by side: one of them, by its place from the left, or that they are the same. */
export type Chosen = number | 'as-many';

export interface ComparingReading {
  readonly comparison: Comparison;
  /** Null where nothing was chosen. */
  readonly chosen: Chosen | null;
  readonly right: boolean | null;
}

/**
 * Reads which of the sets was chosen.
 * @returns null where none lay side by side, or nothing was asked of them
 */
export function readComparing(trace: Pick<Trace, 'set' | 'events'>): ComparingReading | null {
  const { comparison } = trace.set.layout ?? {};
  const choice = comparison && readChoice(trace);
  if (!choice) return null;
  const place = choicesOf(comparison).findIndex((name) => name === choice.chosen);
  const chosen = choice.chosen === 'as-many' ? 'as-many' : place < 0 ? null : place;
  return { comparison, chosen, right: choice.right };
}

/** A set that was not the right one, by what it may have been taken for. */
export type ComparingSlip =
  'took-the-longer' | 'took-the-larger' | 'took-the-wider' | 'took-another-set' | 'made-another-set';

const slipOf = { length: 'took-the-longer', size: 'took-the-larger', spread: 'took-the-wider' } as const;

/** @returns null where the right one was taken, or none */
export function comparingSlip(trace: Pick<Trace, 'set' | 'events'>): ComparingSlip | null {
  const reading = readComparing(trace);
  if (reading?.right !== false) return null;
  const { chosen, comparison } = reading;
  const [first] = typeof chosen === 'number' ? standsOut(chosen, comparison) : [];
  return first === undefined ? 'took-another-set' : slipOf[first];
}
