import { readPairing, type PairingSlip } from './readPairing.js';
import { readTotal, type TotalReading } from './readTotal.js';
import { isFetching } from '../trace/isFetching.js';
import { readPasses, wordsOf } from '../trace/passes.js';
import type { Trace } from '../trace/trace.js';
import { readWords, type WordSlip } from './readWords.js';

export type ReadableTrace = Pick<Trace, 'set' | 'start' | 'direction' | 'events'>;

/** Everything one try shows. `at` of a slip is the `seq` of its event. */
export interface TryReading {
  readonly order: { readonly upTo: number; readonly lastNumber: number; readonly slips: readonly WordSlip[] };
  /** Null where nothing was paired: no things lay there, none was counted, or the child was to fetch them. */
  readonly pairing: { readonly holds: boolean; readonly slips: readonly PairingSlip[] } | null;
  /** Null where nobody asked how many. */
  readonly total: TotalReading | null;
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
  const { read: pass, brokenOff } = readPasses(trace);
  const spoken = pass.filter((event) => event.kind === 'count' || event.kind === 'say');
  const words = readWords(wordsOf(pass), trace.start, trace.direction);
  const nothingPaired = pass.length === 0 || trace.set.arrangement === 'none' || isFetching(trace);
  const pairing = nothingPaired ? null : readPairing(trace.set.size, pass);
  const lastNumber = spoken.findLast((event) => typeof event.word === 'number')?.word;
  return {
    order: {
      upTo: words.upTo,
      lastNumber: typeof lastNumber === 'number' ? lastNumber : trace.start - trace.direction,
      slips: words.slips.map((slip) => ({ ...slip, at: spoken[slip.at]!.seq })),
    },
    pairing: pairing && {
      holds: pairing.holds,
      slips: pairing.slips.map((slip) => ('at' in slip ? { ...slip, at: pass[slip.at]!.seq } : slip)),
    },
    total: readTotal(trace),
    selfCorrections: brokenOff.length,
  };
}
