import type { PassEvent } from '../trace/passes.js';
import type { Item } from '../trace/trace.js';

export const pairingSlipKinds = [
  'double-counted',
  'word-without-touch',
  'touch-without-word',
  'ran-on',
  'missed',
] as const;
export type PairingSlipKind = (typeof pairingSlipKinds)[number];

/** `at` is the index in the list of events that was read; a thing missed happened at no event. */
export type PairingSlip =
  | { readonly kind: Exclude<PairingSlipKind, 'missed'>; readonly item?: Item; readonly at: number }
  | { readonly kind: 'missed'; readonly item: Item };

export interface PairingReading {
  readonly holds: boolean;
  readonly slips: readonly PairingSlip[];
}

type Unplaced<Event> = Event extends unknown ? Omit<Event, 'seq'> : never;

/**
 * Reads one-to-one from a pass, whatever the words were: each thing one word and one touch.
 * An event that names no item stands for the lowest item not yet counted, touched or passed over;
 * where there is none, for the lowest that still waits to be counted; where none waits, for nothing.
 *
 * @param size how many things lay there
 * @param pass events of one pass, undos and take-backs applied
 * @throws RangeError when an event names an item that is not in the set
 */
export function readPairing(size: number, pass: readonly Unplaced<PassEvent>[]): PairingReading {
  const counted = new Set<Item>();
  const touched = new Set<Item>();
  const passedOver = new Set<Item>();
  const items = Array.from({ length: size }, (_, item) => item);
  const standsFor = (): Item | undefined =>
    items.find((item) => !counted.has(item) && !touched.has(item) && !passedOver.has(item)) ??
    items.find((item) => !counted.has(item));

  const slips: PairingSlip[] = [];
  pass.forEach((event, at) => {
    const named = 'item' in event && event.item !== 'again' ? event.item : undefined;
    if (named !== undefined && !(named >= 0 && named < size)) {
      throw new RangeError(`readPairing: item ${named} is not in a set of ${size}`);
    }
    const itemsWait = counted.size < size;
    switch (event.kind) {
      case 'count': {
        if (!itemsWait) {
          slips.push({ kind: 'ran-on', ...(named !== undefined && { item: named }), at });
        } else if (event.item === 'again' || (named !== undefined && counted.has(named))) {
          slips.push({ kind: 'double-counted', ...(named !== undefined && { item: named }), at });
        } else {
          counted.add(named ?? standsFor()!);
        }
        break;
      }
      case 'say':
        slips.push({ kind: itemsWait ? 'word-without-touch' : 'ran-on', at });
        break;
      case 'touch': {
        const item = named ?? standsFor();
        if (item !== undefined) touched.add(item);
        slips.push({ kind: 'touch-without-word', ...(item !== undefined && { item }), at });
        break;
      }
      case 'passed-over': {
        const item = named ?? standsFor();
        if (item !== undefined) passedOver.add(item);
        break;
      }
    }
  });
  for (const item of items) {
    if (!counted.has(item) && !touched.has(item)) slips.push({ kind: 'missed', item });
  }
  return { holds: slips.length === 0, slips };
}
