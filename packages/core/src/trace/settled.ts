import type { HappeningEvent, TraceEvent } from './trace.js';

/** The seqs that an adult took back. An undo itself cannot be undone: it was never read. */
export const undoneSeqs = (events: readonly TraceEvent[]): ReadonlySet<number> =>
  new Set(events.flatMap((event) => (event.kind === 'undo' ? [event.of] : [])));

interface Settled {
  readonly of: number;
  readonly events: readonly HappeningEvent[];
}

const kept = new WeakMap<readonly TraceEvent[], Settled>();

/**
 * The events as they are to be read: those undone left out, those amended replaced by the last
 * standing amendment, at the seq and time of the original. Kept with the list, until it grows.
 */
export function settledEvents(events: readonly TraceEvent[]): readonly HappeningEvent[] {
  const known = kept.get(events);
  if (known?.of === events.length) return known.events;
  const settled = { of: events.length, events: settle(events) };
  kept.set(events, settled);
  return settled.events;
}

function settle(events: readonly TraceEvent[]): readonly HappeningEvent[] {
  const undone = undoneSeqs(events);
  const amendments = new Map<number, HappeningEvent>();
  for (const event of events) {
    if (event.kind === 'amend' && !undone.has(event.seq)) amendments.set(event.of, event.event);
  }
  return events.flatMap((event) => {
    if (event.kind === 'undo' || event.kind === 'amend' || undone.has(event.seq)) return [];
    const amended = amendments.get(event.seq);
    return [amended ? { ...amended, seq: event.seq, t: event.t } : event];
  });
}
