import type { PairingSlip } from '../reading/readPairing.js';
import type { WordSlip } from '../reading/readWords.js';
import { readPass } from '../trace/passes.js';
import type { Trace } from '../trace/trace.js';

/**
 * The thing, from 1 to n, at which a slip came: the one after those counted so far; running on is at the
 * close. A thing that was missed without the adult seeing where has no place, but for one who stopped there
 * of itself.
 *
 * @param slip with `at` the seq of its event
 */
export function placeOfPairing(trace: Trace, slip: PairingSlip, n: number): number | null {
  const pass = readPass(trace);
  const placeAt = (seq: number): number => {
    const before = pass.filter((event) => event.seq < seq && event.kind === 'count').length;
    return Math.min(n, before + 1);
  };
  if ('at' in slip) return slip.kind === 'ran-on' ? n : placeAt(slip.at);
  const passedOver = pass.find((event) => event.kind === 'passed-over');
  if (passedOver) return placeAt(passedOver.seq);
  return trace.ended === 'stopped-itself' ? placeAt(Infinity) : null;
}

/** The number at which a slip of the words came: the one that was due. */
export const placeOfWords = (slip: WordSlip): number => slip.after + 1;
