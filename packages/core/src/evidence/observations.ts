import { readTry, type TryReading } from '../reading/readTry.js';
import { readKept } from '../total/readKept.js';
import { isFetching } from '../trace/isFetching.js';
import { readPass, wordsOf } from '../trace/passes.js';
import { settledEvents } from '../trace/settled.js';
import { dayOf, type Trace, type Word } from '../trace/trace.js';
import { tryWeight, type TryWeight } from '../weight/tryWeight.js';
import type { FetchTry } from '../estimates/knowerLevels.js';
import type { ThresholdTry } from '../estimates/threshold.js';
import type { TrackingTry } from '../estimates/trackingLimit.js';

/** A principle that either holds in a try or does not. */
export const principles = ['last-word', 'conservation', 'order-irrelevance'] as const;
export type Principle = (typeof principles)[number];

export interface OrderObservation {
  readonly words: readonly Word[];
  readonly upTo: number;
  /** The try speaks against every number beyond `upTo`; without a slip it says nothing of them. */
  readonly brokeOff: boolean;
  readonly weight: TryWeight;
}

/** What one try tells each estimate; null where it tells it nothing. */
export interface Observations {
  readonly order: OrderObservation | null;
  readonly tracking: TrackingTry | null;
  readonly fetch: FetchTry | null;
  readonly principles: Readonly<
    Record<Principle, { readonly success: boolean; readonly weight: number } | null>
  >;
}

const kept = new WeakMap<Trace, Observations>();

/** Reads a try once for all estimates; kept, because a trace never changes. */
export function observationsOf(trace: Trace): Observations {
  const known = kept.get(trace);
  if (known) return known;
  const observations = observe(trace);
  kept.set(trace, observations);
  return observations;
}

function observe(trace: Trace): Observations {
  const weight = tryWeight(trace);
  const day = dayOf(trace);
  const reading = readTry(trace);
  const principle = (shown: boolean | null | undefined) => {
    if (shown === null || shown === undefined) return null;
    const counts = shown ? weight.success : weight.miss;
    return counts > 0 ? { success: shown, weight: counts } : null;
  };
  const moved = readKept(trace)?.shown;
  return {
    order: orderIn(trace, reading, weight),
    tracking: trackingIn(trace, reading, weight, day),
    fetch: fetchIn(trace, weight, day),
    principles: {
      'last-word': principle(reading.total?.shown),
      conservation: trace.task === 'still-n' ? principle(moved) : null,
      'order-irrelevance': trace.task === 'other-end' ? principle(moved) : null,
    },
  };
}

function orderIn(trace: Trace, { order }: TryReading, weight: TryWeight): OrderObservation | null {
  if (trace.start !== 1 || trace.direction !== 1 || weight.success + weight.miss === 0) return null;
  if (isFetching(trace)) return null;
  const stoppedShort = trace.ended === 'stopped-itself' && (trace.target ?? Infinity) > order.upTo;
  const words = wordsOf(readPass(trace));
  return { words, upTo: order.upTo, brokeOff: order.slips.length > 0 || stoppedShort, weight };
}

function trackingIn(
  trace: Trace,
  { pairing }: TryReading,
  weight: TryWeight,
  day: string,
): TrackingTry | null {
  if (!pairing || trace.set.size === 0 || readPass(trace).length === 0) return null;
  const { size } = trace.set;
  const missed = pairing.slips.filter((slip) => slip.kind === 'missed').length;
  // Things a child that stopped of itself never came to are one place where it lost track, not many.
  const unreached = trace.ended === 'stopped-itself' && missed > 1 ? missed - 1 : 0;
  const slips = pairing.slips.length - unreached;
  const counts = slips === 0 ? weight.success : weight.miss;
  return counts > 0
    ? { n: Math.max(1, size - unreached), slips, success: slips === 0, weight: counts, day }
    : null;
}

function fetchIn(trace: Trace, weight: TryWeight, day: string): FetchTry | null {
  const given = settledEvents(trace.events).findLast((event) => event.kind === 'given');
  const { target, set } = trace;
  if (!isFetching(trace) || given?.kind !== 'given' || target === undefined || set.pile === undefined)
    return null;
  if (given.value === 0 || given.value > set.pile || target < 1 || target > set.pile) return null;
  const counts = given.value === target ? weight.success : weight.miss;
  return counts > 0 ? { asked: target, given: given.value, weight: counts, pile: set.pile, day } : null;
}

/**
 * What a run of words tells the threshold: a success at the last number before the first slip and a
 * miss at the next; without a slip a success at the last number said.
 */
export function thresholdTriesOf({ upTo, brokeOff, weight }: OrderObservation, day: string): ThresholdTry[] {
  const success = upTo >= 1 ? [{ n: upTo, success: true, weight: weight.success, day }] : [];
  const miss = brokeOff ? [{ n: upTo + 1, success: false, weight: weight.miss, day }] : [];
  return [...success, ...miss];
}
