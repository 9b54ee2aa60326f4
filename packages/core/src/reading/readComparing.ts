import { settledEvents } from '../trace/settled.js';
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
  return { comparison, chosen: chosenOf(comparison, choice.chosen), right: choice.right };
}

const placesAsked = (events: Trace['events']): readonly number[] =>
  settledEvents(events).flatMap((event, i) =>
    event.kind === 'ask' && event.question === 'which' ? [i] : [],
  );

/** Whether it was asked once more, after the sets were lined up or counted. */
export const isTested = ({ events }: Pick<Trace, 'events'>): boolean => placesAsked(events).length > 1;

/** Which set was then found to be the one; null where none was taken. */
export function readTested(trace: Pick<Trace, 'set' | 'events'>): Chosen | null {
  const { comparison } = trace.set.layout ?? {};
  const again = placesAsked(trace.events)[1];
  if (!comparison || again === undefined) return null;
  const answer = settledEvents(trace.events)
    .slice(again)
    .findLast((event) => event.kind === 'answer');
  return answer?.kind === 'answer' ? chosenOf(comparison, answer.value) : null;
}

function chosenOf(comparison: Comparison, value: string | number | null): Chosen | null {
  if (value === 'as-many') return value;
  const place = choicesOf(comparison).findIndex((name) => name === value);
  return place < 0 ? null : place;
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
