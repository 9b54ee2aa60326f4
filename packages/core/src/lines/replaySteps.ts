import { Placing } from '../reading/placing.js';
import { readTry, type ReadableTrace } from '../reading/readTry.js';
import type { PairingSlip } from '../reading/readPairing.js';
import type { WordSlip } from '../reading/readWords.js';
import { readSharing, type SharingSlipKind } from '../reading/readSharing.js';
import { splitPasses, type PassEvent } from '../trace/passes.js';
import { settledEvents } from '../trace/settled.js';
import type { HappeningEvent, Item } from '../trace/trace.js';

/** One thing that happened in a try, as a replay shows it. */
export interface ReplayStep {
  readonly event: HappeningEvent;
  /** The thing it was about; null for none, or where it is not known. */
  readonly item: Item | null;
  /** The slips read at it. */
  readonly slips: readonly StepSlip[];
}

/** A slip at a step, of the words, of the touch, or of what was put. */
export type StepSlip =
  | { readonly of: 'words'; readonly slip: WordSlip }
  | { readonly of: 'pairing'; readonly kind: PairingSlip['kind'] }
  | { readonly of: 'sharing'; readonly kind: SharingSlipKind };

/** What happened in a try, step by step, with the slips where they happened. */
export function replaySteps(trace: ReadableTrace): readonly ReplayStep[] {
  const events = settledEvents(trace.events);
  const { order, pairing } = readTry(trace);
  const slips: readonly { readonly at: number; readonly slip: StepSlip }[] = [
    ...order.slips.map((slip) => ({ at: slip.at, slip: { of: 'words' as const, slip } })),
    ...(pairing?.slips ?? []).flatMap((slip) =>
      'at' in slip ? [{ at: slip.at, slip: { of: 'pairing' as const, kind: slip.kind } }] : [],
    ),
    ...(readSharing(trace)?.slips ?? []).flatMap(({ kind, at }) =>
      at === undefined ? [] : [{ at, slip: { of: 'sharing' as const, kind } }],
    ),
  ];
  return events.map((event, i) => ({
    event,
    item: itemOf(trace.set.size, events.slice(0, i + 1)),
    slips: slips.filter(({ at }) => at === event.seq).map(({ slip }) => slip),
  }));
}

/** The thing that the last of the events is about, by what went before it in its pass. */
function itemOf(size: number, events: readonly HappeningEvent[]): Item | null {
  const last = events.at(-1)!;
  if (!isOfPass(last)) return null;
  const placing = new Placing(size);
  const pass = splitPasses(events).at(-1)!;
  return pass.flatMap((event) => oneByOne(event).map((one) => placing.take(one))).at(-1) ?? null;
}

/** A touch that took several, as so many touches. */
const oneByOne = (event: PassEvent): readonly PassEvent[] =>
  event.kind === 'count' && event.items
    ? event.items.map((item) => ({ kind: 'count', word: event.word, item, seq: event.seq, t: event.t }))
    : [event];

const kindsOfPass: ReadonlySet<HappeningEvent['kind']> = new Set(['count', 'say', 'touch', 'passed-over']);
const isOfPass = (event: HappeningEvent): event is PassEvent => kindsOfPass.has(event.kind);
