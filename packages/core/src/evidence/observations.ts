import { figure } from '../estimates/parameters.js';
import { readChoice } from '../reading/readChoice.js';
import type { FetchTry } from '../estimates/knowerLevels.js';
import type { ThresholdTry } from '../estimates/threshold.js';
import type { TrackingTry } from '../estimates/tracking.js';
import { kinds } from '../shelf/kinds/kinds.js';
import { gaveAll } from '../reading/readGiving.js';
import { flawOf } from '../reading/flaws.js';
import { readTry, type TryReading } from '../reading/readTry.js';
import { ruledOf } from '../reading/rulings.js';
import { readSharing } from '../reading/readSharing.js';
import { principles, type Principle, type TaskEntry } from '../shelf/task.js';
import { tasks } from '../shelf/tasks.js';
import { readKept } from '../reading/readKept.js';
import { placeOfPairing } from './slipPlaces.js';
import { isFetching } from '../trace/isFetching.js';
import { readPass, splitPasses, wordsOf } from '../trace/passes.js';
import { settledEvents } from '../trace/settled.js';
import { dayOf, type Trace, type Word } from '../trace/trace.js';
import { tryWeight, type TryWeight } from './tryWeight.js';

export interface OrderObservation {
  readonly words: readonly Word[];
  readonly upTo: number;
  /** The try speaks against every number beyond `upTo`; without a slip it says nothing of them. */
  readonly brokeOff: boolean;
  readonly weight: TryWeight;
  /** The same as the threshold reads it. */
  readonly tries: readonly ThresholdTry[];
}

/** What one try tells each estimate; null where it tells it nothing. */
export interface Observations {
  readonly order: OrderObservation | null;
  readonly tracking: TrackingTry | null;
  readonly fetch: FetchTry | null;
  readonly countOut: ThresholdTry | null;
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

const nothing: Observations = {
  order: null,
  tracking: null,
  fetch: null,
  countOut: null,
  principles: Object.fromEntries(
    principles.map((principle) => [principle, null]),
  ) as Observations['principles'],
};

function observe(trace: Trace): Observations {
  if (flawOf(trace)) return nothing;
  const weight = tryWeight(trace);
  const day = dayOf(trace);
  const reading = readTry(trace);
  const task = tasks.find((one) => one.id === trace.task);
  const looksAt = task?.looksAt;
  const shown = new Map(shownIn(trace, reading, looksAt));
  return {
    order: orderIn(trace, reading, weight, task, day),
    tracking: trackingIn(trace, reading, weight, day),
    fetch: looksAt === 'fetch' ? fetchIn(trace, weight, day) : null,
    countOut: looksAt === 'count-out' ? countOutIn(trace, weight, day) : null,
    principles: Object.fromEntries(
      principles.map((principle) => {
        const look = weighed(shown.get(principle) ?? null, trace, weight);
        return [principle, look && principle === 'last-word' ? asAsked(look, trace) : look];
      }),
    ) as Observations['principles'],
  };
}

/** A right choice out of few may be luck. */
function weighed(
  shown: boolean | null,
  { choices }: Trace,
  weight: TryWeight,
): { readonly success: boolean; readonly weight: number } | null {
  if (shown === null) return null;
  const byLuck = choices === undefined ? 0 : 1 / choices;
  const counts = shown ? weight.success * (1 - byLuck) : weight.miss;
  return counts > 0 ? { success: shown, weight: counts } : null;
}

/** A count asked for by the question and ended by its answer hardly tells whether its last word was meant as one. */
function asAsked(
  look: { readonly success: boolean; readonly weight: number },
  trace: Trace,
): { readonly success: boolean; readonly weight: number } {
  const events = settledEvents(trace.events);
  const asked = events.findIndex((event) => event.kind === 'ask' && event.question === 'how-many');
  const countedBefore = splitPasses(events.slice(0, Math.max(0, asked))).some(
    (pass) => wordsOf(pass).length > 0,
  );
  return countedBefore || !look.success ? look : { ...look, weight: look.weight * figure.askedBefore };
}

/** Which principles a try shows, or shows not to hold; null where it says nothing. */
function shownIn(
  trace: Trace,
  reading: TryReading,
  looksAt: TaskEntry['looksAt'] | undefined,
): readonly (readonly [Principle, boolean | null])[] {
  const lastWord = ruledOf(trace, 'how-many') ?? reading.total?.shown ?? null;
  const ownRuling = ruledOf(trace, 'task');
  const own = principles.find((principle) => principle === looksAt);
  return [
    ['last-word', lastWord],
    ...(own && own !== 'last-word' ? [[own, ownRuling ?? shownByTask(own, trace, reading)] as const] : []),
  ];
}

function shownByTask(principle: Principle, trace: Trace, { order }: TryReading): boolean | null {
  switch (principle) {
    case 'last-word':
      return null;
    case 'conservation':
    case 'order-irrelevance':
      return readKept(trace)?.shown ?? null;
    case 'order-judged':
    case 'one-to-one-judged':
      return readChoice(trace)?.right ?? null;
    case 'teens':
      if (order.slips.length > 0) return false;
      return order.upTo >= (trace.target ?? Infinity) ? true : null;
    case 'matching': {
      const sharing = readSharing(trace);
      return sharing && sharing.filled > 0 ? sharing.holds : null;
    }
    case 'equal-set':
    case 'numeral-to-set':
    case 'several-sets':
      return gaveAll(trace);
  }
}

/** Where a task asks for a count, a child that said nothing has tried; elsewhere words come or do not. */
const asksForWords = (task: TaskEntry | undefined): boolean =>
  task === undefined || kinds[task.kind].asksForWords;

function orderIn(
  trace: Trace,
  reading: TryReading,
  weight: TryWeight,
  task: TaskEntry | undefined,
  day: string,
): OrderObservation | null {
  const run = runIn(trace, reading, weight, task);
  return run && { ...run, tries: thresholdTriesOf(run, day) };
}

function runIn(
  trace: Trace,
  { order }: TryReading,
  weight: TryWeight,
  task: TaskEntry | undefined,
): Omit<OrderObservation, 'tries'> | null {
  if (trace.start !== 1 || trace.direction !== 1 || weight.success + weight.miss === 0) return null;
  if (isFetching(trace) || trace.mixedWith !== undefined) return null;
  const words = wordsOf(readPass(trace));
  if (words.length === 0 && !asksForWords(task)) return null;
  const stoppedShort = trace.ended === 'stopped-itself' && (trace.target ?? Infinity) > order.upTo;
  const ruled = ruledOf(trace, 'order');
  if (ruled === true) {
    const said = Array.from({ length: order.lastNumber }, (_, i) => i + 1);
    return { words: said, upTo: order.lastNumber, brokeOff: stoppedShort, weight };
  }
  // Ruled against without a slip to point to, it may have given way at the last word.
  if (ruled === false && order.slips.length === 0) {
    return { words, upTo: Math.max(0, order.upTo - 1), brokeOff: true, weight };
  }
  return { words, upTo: order.upTo, brokeOff: order.slips.length > 0 || stoppedShort, weight };
}

function trackingIn(
  trace: Trace,
  { pairing }: TryReading,
  weight: TryWeight,
  day: string,
): TrackingTry | null {
  if (!pairing || trace.set.size === 0 || readPass(trace).length === 0) return null;
  const n = Math.min(trace.set.size, MOST_READ);
  const success = ruledOf(trace, 'one-to-one') ?? pairing.holds;
  const counts = success ? weight.success : weight.miss;
  if (counts === 0) return null;
  return {
    n,
    success,
    firstSlip: success ? null : firstSlipIn(trace, pairing.slips, n),
    weight: counts,
    day,
  };
}

/** Larger sets are read as if they were so large. */
const MOST_READ = 100;

/** The thing, from 1 to n, at which track was first lost; null where nobody saw. */
function firstSlipIn(
  trace: Trace,
  slips: NonNullable<TryReading['pairing']>['slips'],
  n: number,
): number | null {
  const places = slips.flatMap((slip) => placeOfPairing(trace, slip, n) ?? []);
  return places.length > 0 ? Math.min(...places) : null;
}

function fetchIn(trace: Trace, weight: TryWeight, day: string): FetchTry | null {
  const last = lastGiven(trace);
  const { target, set } = trace;
  if (!isFetching(trace) || last === null || target === undefined || set.pile === undefined) return null;
  const ruled = ruledOf(trace, 'task');
  // Ruled against, nobody knows what was given instead.
  if (ruled === false && last === target) return null;
  const given = ruled ? target : last;
  if (given === 0 || given > set.pile || target < 1 || target > set.pile) return null;
  const counts = given === target ? weight.success : weight.miss;
  return counts > 0 ? { asked: target, given, weight: counts, pile: set.pile, day } : null;
}

function countOutIn(trace: Trace, weight: TryWeight, day: string): ThresholdTry | null {
  const given = lastGiven(trace);
  const { target } = trace;
  if (given === null || given === 0 || target === undefined) return null;
  const success = ruledOf(trace, 'task') ?? given === target;
  const counts = success ? weight.success : weight.miss;
  return counts > 0 ? { n: target, success, weight: counts, day } : null;
}

function lastGiven(trace: Trace): number | null {
  const given = settledEvents(trace.events).findLast((event) => event.kind === 'given');
  return given?.kind === 'given' ? given.value : null;
}

/**
 * What a run of words tells the threshold: a success at the last number before the first slip and a
 * miss at the next; without a slip a success at the last number said.
 */
function thresholdTriesOf(
  { upTo, brokeOff, weight }: Omit<OrderObservation, 'tries'>,
  day: string,
): readonly ThresholdTry[] {
  const unguessed = true as const;
  const success = upTo >= 1 ? [{ n: upTo, success: true, weight: weight.success, day, unguessed }] : [];
  const miss = brokeOff ? [{ n: upTo + 1, success: false, weight: weight.miss, day, unguessed }] : [];
  return [...success, ...miss];
}
