import { daysBetween } from '../estimates/axis.js';
import { figure } from '../common/parameters.js';
import { dayOf, type Trace } from '../trace/trace.js';

/** What a child did not want at its last sit-down, or was too upset for. */
export interface TooMuch {
  readonly because: 'refused' | 'upset';
  /** The things that lay there. */
  readonly things: string;
  /** The largest number that is asked today: below the one that was too much. */
  readonly most: number;
}

const isTooMuch = (trace: Trace): boolean => trace.upset === true || trace.ended === 'refused';

/**
 * What of the last sit-down is to make this one gentler: shorter, easier, with other things. A sit-down that
 * went well after it, or a long time, takes it back.
 *
 * @param earlier tries of the child before this sitting, in any order
 * @param day YYYY-MM-DD
 */
export function tooMuchLastTime(earlier: readonly Trace[], day: string): TooMuch | null {
  const last = earlier.reduce<Trace | null>(
    (one, other) => (one && one.startedAt > other.startedAt ? one : other),
    null,
  );
  if (!last || daysBetween(dayOf(last), day) > 7 * figure.askingWeeks) return null;
  const found = earlier.find((trace) => trace.sittingId === last.sittingId && isTooMuch(trace));
  if (!found) return null;
  return {
    because: found.upset ? 'upset' : 'refused',
    things: found.set.things,
    most: Math.max(figure.thingsOfShort, (found.target ?? found.set.size) - 1),
  };
}

/** The child wants no more, or is too upset to go on: there is nothing more to ask in this sitting. */
export const wantsNoMore = (tries: readonly Trace[]): boolean => {
  const last = tries.at(-1);
  return last !== undefined && isTooMuch(last);
};
