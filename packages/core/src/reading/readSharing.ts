import { settledEvents } from '../trace/settled.js';
import type { Trace } from '../trace/trace.js';

export type SharingSlipKind = 'two-in-one' | 'left-outside';

export interface SharingReading {
  /** One thing to each place, as far as things and places went. */
  readonly holds: boolean;
  readonly slips: readonly { readonly kind: SharingSlipKind; readonly at?: number }[];
  /** Places with something in them. */
  readonly filled: number;
}

/** The name of a place in a trace: the third cell is "3". */
export const placeName = (index: number): string => String(index + 1);

/** Where a thing is put that has no place of its own. */
export const outside = 'outside';

/**
 * Reads things put one to a place: two in one place, and what stayed outside while places were free.
 * Things beyond the places are no slip. `at` is the `seq` of its event.
 *
 * @returns null where nothing was to be shared out
 */
export function readSharing({ set, events }: Pick<Trace, 'set' | 'events'>): SharingReading | null {
  const places = set.layout?.places;
  if (places === undefined) return null;
  const things = set.pile ?? set.size;
  const filled = new Set<string>();
  const slips: { kind: SharingSlipKind; at?: number }[] = [];
  for (const event of settledEvents(events)) {
    if (event.kind !== 'put' || event.place === outside) continue;
    if (filled.has(event.place)) slips.push({ kind: 'two-in-one', at: event.seq });
    filled.add(event.place);
  }
  if (filled.size > 0 && filled.size + slips.length < Math.min(things, places)) {
    slips.push({ kind: 'left-outside' });
  }
  return { holds: filled.size > 0 && slips.length === 0, slips, filled: filled.size };
}

/** Whether things are still being put: places are free, things are left, and nobody counts yet. */
export function isPutting({ set, events }: Pick<Trace, 'set' | 'events'>): boolean {
  const places = set.layout?.places;
  if (places === undefined) return false;
  const settled = settledEvents(events);
  const puts = settled.filter((event) => event.kind === 'put');
  const filled = new Set(puts.flatMap((event) => (event.place === outside ? [] : [event.place])));
  const isPast = settled.some(
    (event) => event.kind === 'count' || event.kind === 'say' || event.kind === 'ask',
  );
  return !isPast && filled.size < places && puts.length < (set.pile ?? set.size);
}
