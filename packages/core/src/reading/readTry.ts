import { readBoth } from './readBoth.js';
import { readCheck, type CheckReading } from './readCheck.js';
import { readPairing, type PairingSlip } from './readPairing.js';
import { readSpoken } from './readSpoken.js';
import type { StartReading } from './readStart.js';
import type { Working } from './readWorking.js';
import { readTotal, type TotalReading } from './readTotal.js';
import { isFetching } from '../trace/isFetching.js';
import type { Trace, Word } from '../trace/trace.js';
import type { WordSlip } from './readWords.js';

export type ReadableTrace = Pick<
  Trace,
  'set' | 'start' | 'direction' | 'events' | 'version' | 'step' | 'second'
>;

/** Everything one try shows. `at` of a slip is the `seq` of its event. */
export interface TryReading {
  readonly order: {
    readonly upTo: number;
    readonly lastNumber: number;
    /** The words it was read from. */
    readonly words: readonly Word[];
    readonly slips: readonly WordSlip[];
  };
  /** Null where nothing was paired: no things lay there, none was counted, or the child was to fetch them. */
  readonly pairing: { readonly holds: boolean; readonly slips: readonly PairingSlip[] } | null;
  /** Null where nobody asked how many. */
  readonly total: TotalReading | null;
  /** Where the count began; null in a try of the first version, which does not tell. */
  readonly beganAt: StartReading | null;
  /** How a sum was worked out aloud; null where none was asked, or nothing said. */
  readonly working: Working | null;
  /** A second count after the answer; null in a try of the first version. */
  readonly check: CheckReading | null;
  /** Counts without the word of the second language; null where one is said. */
  readonly secondMissing: number | null;
  /** How often the child broke off and began again of itself. */
  readonly selfCorrections: number;
}

const kept = new WeakMap<ReadableTrace, TryReading>();

/**
 * Reads a try's order, pairing and total, with the slips placed at the `seq` of their events. Kept with the
 * try, which never changes.
 */
export function readTry(trace: ReadableTrace): TryReading {
  const known = kept.get(trace);
  if (known) return known;
  const reading = read(trace);
  kept.set(trace, reading);
  return reading;
}

function read(trace: ReadableTrace): TryReading {
  const { pass, brokenOff, spoken, words, beganAt, working } = readSpoken(trace);
  const isUnknown = trace.set.layout?.handful === true && trace.set.size === 0;
  const nothingPaired =
    pass.length === 0 ||
    trace.set.arrangement === 'none' ||
    // In a sum part may be hidden, or gone on from: that it was left alone is no slip.
    working !== null ||
    isUnknown ||
    isFetching(trace);
  const both = trace.second !== undefined && !nothingPaired ? readBoth(trace.set.size, pass) : null;
  const pairing = nothingPaired ? null : (both ?? readPairing(trace.set.size, pass));
  const lastNumber = spoken.findLast((event) => typeof event.word === 'number')?.word;
  return {
    order: {
      upTo: words.upTo,
      words: spoken.map(({ word }) => word),
      lastNumber:
        typeof lastNumber === 'number' ? lastNumber : trace.start - trace.direction * (trace.step ?? 1),
      slips: words.slips.map((slip) => ({ ...slip, at: spoken[slip.at]!.seq })),
    },
    pairing: pairing && {
      holds: pairing.holds,
      slips: pairing.slips.map((slip) => ('at' in slip ? { ...slip, at: pass[slip.at]!.seq } : slip)),
    },
    total: readTotal(trace),
    beganAt,
    working,
    check: trace.version === 2 ? readCheck(trace) : null,
    secondMissing: both?.secondMissing ?? null,
    selfCorrections: brokenOff.length,
  };
}
