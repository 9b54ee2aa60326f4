import { teachingMoves } from '../next/moves.js';
import { Placing } from '../pairing/placing.js';
import { readTry, type ReadableTrace } from '../reading/readTry.js';
import { tellWordSlip } from '../reading/tellTry.js';
import { readSharing, type SharingSlipKind } from '../sharing/readSharing.js';
import { splitPasses, type PassEvent } from '../trace/passes.js';
import { settledEvents } from '../trace/settled.js';
import type { HappeningEvent, Item } from '../trace/trace.js';

/** One thing that happened in a try, as a replay shows it. */
export interface ReplayStep {
  readonly event: HappeningEvent;
  /** The thing it was about; null for none, or where it is not known. */
  readonly item: Item | null;
  /** The slips read at it, in words. */
  readonly slips: readonly string[];
}

const sharingSlips: Record<SharingSlipKind, string> = {
  'two-in-one': 'put two in one place',
  'left-outside': 'left one outside',
};

/** What happened in a try, step by step, with the slips where they happened. */
export function replaySteps(trace: ReadableTrace): readonly ReplayStep[] {
  const events = settledEvents(trace.events);
  const { order, pairing } = readTry(trace);
  const slips = [
    ...order.slips.map((slip) => ({ at: slip.at, words: tellWordSlip(slip) })),
    ...(pairing?.slips ?? []).flatMap((slip) =>
      'at' in slip ? [{ at: slip.at, words: teachingMoves[slip.kind].saw }] : [],
    ),
  ];
  for (const { kind, at } of readSharing(trace)?.slips ?? []) {
    if (at !== undefined) slips.push({ at, words: sharingSlips[kind] });
  }
  return events.map((event, i) => ({
    event,
    item: itemOf(trace.set.size, events.slice(0, i + 1)),
    slips: slips.filter((slip) => slip.at === event.seq).map((slip) => slip.words),
  }));
}

/** The thing that the last of the events is about, by what went before it in its pass. */
function itemOf(size: number, events: readonly HappeningEvent[]): Item | null {
  const last = events.at(-1)!;
  if (!isOfPass(last)) return null;
  const placing = new Placing(size);
  const pass = splitPasses(events).at(-1)!;
  return pass.map((event) => placing.take(event)).at(-1) ?? null;
}

const kindsOfPass: ReadonlySet<HappeningEvent['kind']> = new Set(['count', 'say', 'touch', 'passed-over']);
const isOfPass = (event: HappeningEvent): event is PassEvent => kindsOfPass.has(event.kind);
