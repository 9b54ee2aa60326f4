import type { Unplaced } from '../trace/passes.js';
import { readPairing, type PairingReading } from './readPairing.js';

export interface BothReading extends PairingReading {
  /** Counts that the word of the second language did not follow. */
  readonly secondMissing: number;
}

/**
 * Reads one-to-one where both languages are said on each thing: one touch, one word of each. A word of the second
 * language straight after a count is a pair with it; any other is a word without a touch.
 *
 * @param pass events of one pass, undos and take-backs applied; `at` of a slip is the index in it
 * @throws RangeError when an event names an item that is not in the set
 */
export function readBoth(size: number, pass: readonly Unplaced[]): BothReading {
  const isCount = (event: Unplaced | undefined): boolean =>
    event?.kind === 'count' && event.lang === undefined;
  const isSecond = (at: number): boolean => {
    const event = pass[at];
    return event?.kind === 'say' && event.lang === 2 && isCount(pass[at - 1]);
  };
  const places = pass.flatMap((_, at) => (isSecond(at) ? [] : [at]));
  const { holds, slips } = readPairing(
    size,
    places.map((at) => pass[at]!),
  );
  return {
    holds,
    slips: slips.map((slip) => ('at' in slip ? { ...slip, at: places[slip.at]! } : slip)),
    secondMissing: pass.filter((event, at) => isCount(event) && !isSecond(at + 1)).length,
  };
}
