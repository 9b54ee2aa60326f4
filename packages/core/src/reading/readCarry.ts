import { settledEvents } from '../trace/settled.js';
import type { Carry, Trace } from '../trace/trace.js';

export interface CarryReading {
  readonly carry: Carry;
  /** What comes next in it. */
  readonly wanted: readonly string[];
  readonly put: readonly string[];
  /** How many of them came as they should, from the first on. */
  readonly rightTo: number;
  /** Null where nothing was put, or fewer than were wanted and all of those right. */
  readonly right: boolean | null;
}

/** So many of a pattern that goes on and on, from a place in it. */
export const carried = ({ unit }: Pick<Carry, 'unit'>, from: number, many: number): readonly string[] =>
  Array.from({ length: many }, (_, i) => unit[(from + i) % unit.length]!);

/**
 * Reads how a pattern was carried on.
 * @returns null where there was none
 */
export function readCarry({ set, events }: Pick<Trace, 'set' | 'events'>): CarryReading | null {
  const { carry } = set.layout ?? {};
  if (!carry) return null;
  const wanted = carried(carry, carry.shown, set.size);
  const put = settledEvents(events)
    .flatMap((event) => (event.kind === 'put' ? [event.place] : []))
    .slice(0, wanted.length);
  const wrong = put.findIndex((things, i) => things !== wanted[i]);
  const rightTo = wrong < 0 ? put.length : wrong;
  const isAll = wrong < 0 && put.length === wanted.length && put.length > 0;
  return { carry, wanted, put, rightTo, right: wrong >= 0 ? false : isAll ? true : null };
}
