import type { Unplaced } from '../trace/passes.js';
import type { Item } from '../trace/trace.js';
import { Placing } from './placing.js';

export type PairingSlipKind =
  'double-counted' | 'word-without-touch' | 'touch-without-word' | 'ran-on' | 'missed';

/** `at` is the index in the list of events that was read; a thing missed happened at no event. */
export type PairingSlip =
  | { readonly kind: Exclude<PairingSlipKind, 'missed'>; readonly item?: Item; readonly at: number }
  | { readonly kind: 'missed'; readonly item: Item };

export interface PairingReading {
  readonly holds: boolean;
  readonly slips: readonly PairingSlip[];
}

/**
 * Reads one-to-one from a pass, whatever the words were: each thing one word and one touch. `Placing`
 * says which thing an event is about.
 *
 * @param size how many things lay there
 * @param pass events of one pass, undos and take-backs applied
 * @throws RangeError when an event names an item that is not in the set
 */
export function readPairing(size: number, pass: readonly Unplaced[]): PairingReading {
  const placing = new Placing(size);
  const slips: PairingSlip[] = [];
  pass.map(asRead).forEach((event, at) => {
    if (event.kind === 'count' && event.items) {
      slips.push(...readSeveral(event, at, placing));
      return;
    }
    const itemsWaited = placing.itemsWait;
    const isAgain =
      event.kind === 'count' &&
      (event.item === 'again' || (event.item !== undefined && placing.isCounted(event.item)));
    const item = placing.take(event);
    const about = item !== undefined && { item };
    switch (event.kind) {
      case 'count':
        if (!itemsWaited) slips.push({ kind: 'ran-on', ...about, at });
        else if (isAgain) slips.push({ kind: 'double-counted', ...about, at });
        break;
      case 'say':
        slips.push({ kind: itemsWaited ? 'word-without-touch' : 'ran-on', at });
        break;
      case 'touch':
        slips.push({ kind: 'touch-without-word', ...about, at });
        break;
      case 'passed-over':
        break;
    }
  });
  for (const item of placing.missed) slips.push({ kind: 'missed', item });
  return { holds: slips.length === 0, slips };
}

/** A word of the second language with a touch is a word like any that is only said. */
const asRead = (event: Unplaced): Unplaced =>
  event.kind === 'count' && event.lang === 2 ? { kind: 'say', word: event.word } : event;

/** Several things taken with one touch: each that was counted already is counted twice while others still wait. */
function readSeveral(
  event: Extract<Unplaced, { kind: 'count' }>,
  at: number,
  placing: Placing,
): readonly PairingSlip[] {
  if (!placing.itemsWait) return [{ kind: 'ran-on', at }];
  return event.items!.flatMap((item) => {
    const isAgain = placing.isCounted(item) && placing.itemsWait;
    placing.take({ kind: 'count', word: event.word, item });
    return isAgain ? [{ kind: 'double-counted' as const, item, at }] : [];
  });
}
