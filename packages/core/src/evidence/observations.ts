import { figure } from '../common/parameters.js';
import type { FetchTry } from '../estimates/knowerLevels.js';
import type { NumeralTry } from '../estimates/numerals.js';
import type { ThresholdTry } from '../estimates/threshold.js';
import type { TrackingTry } from '../estimates/tracking.js';
import { captureKinds } from '../shelf/kinds/kinds.js';
import { lastGiven } from '../reading/readGiving.js';
import { flawOf } from '../reading/flaws.js';
import { readTry, type TryReading } from '../reading/readTry.js';
import { readWords } from '../reading/readWords.js';
import { ruledOf } from '../reading/rulings.js';
import type { TaskEntry } from '../shelf/task.js';
import {
  principles,
  thresholdSkills,
  type Principle,
  type ReadBy,
  type ThresholdSkill,
} from '../skills/map.js';
import { tasks } from '../shelf/tasks.js';
import { principleReaders } from './principleReaders.js';
import { numeralsIn } from './numeralsIn.js';
import { placeOfPairing } from './slipPlaces.js';
import { thresholdReaders } from './thresholdReaders.js';
import { isFetching } from '../trace/isFetching.js';
import { readPass, splitPasses, wordsOf } from '../trace/passes.js';
import { settledEvents } from '../trace/settled.js';
import { dayOf, isNumberWord, type Trace, type Word } from '../trace/trace.js';
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

/** Whether a try shows a principle, and how much that counts for. */
export interface PrincipleLook {
  readonly success: boolean;
  readonly weight: number;
}

/** What one try tells each estimate; null, or absent, where it tells it nothing. */
export interface Observations {
  readonly order: OrderObservation | null;
  readonly tracking: TrackingTry | null;
  readonly fetch: FetchTry | null;
  readonly thresholds: Readonly<Partial<Record<ThresholdSkill, ThresholdTry>>>;
  readonly principles: Readonly<Partial<Record<Principle, PrincipleLook>>>;
  /** What it tells of numerals, named or found. */
  readonly numerals: readonly NumeralTry[];
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
  thresholds: {},
  principles: {},
  numerals: [],
};

function observe(trace: Trace): Observations {
  if (flawOf(trace)) return nothing;
  const weight = tryWeight(trace);
  const day = dayOf(trace);
  const reading = readTry(trace);
  const task = tasks.find((one) => one.id === trace.task);
  const looksAt = task?.looksAt;
  const threshold = thresholdSkills.find((skill) => skill === looksAt);
  const crossed = threshold ? thresholdIn(threshold, trace, weight, day) : null;
  return {
    order: orderIn(trace, reading, weight, task, day),
    tracking: trackingIn(trace, reading, weight, day),
    fetch: looksAt === 'fetch' ? fetchIn(trace, weight, day) : null,
    thresholds: crossed ? { [threshold!]: crossed } : {},
    principles: principlesIn(trace, weight, looksAt),
    numerals: numeralsIn(trace, weight, day),
  };
}

/** The principle that the task looks at, and the last-word rule, which shows in any count. */
function principlesIn(
  trace: Trace,
  weight: TryWeight,
  looksAt: ReadBy | undefined,
): Observations['principles'] {
  const own = principles.find((principle) => principle === looksAt);
  const lookOf = (principle: Principle): PrincipleLook | null => {
    const ruled = ruledOf(trace, principle === 'last-word' ? 'how-many' : 'task');
    const look = weighed(ruled ?? principleReaders[principle].shown(trace), trace, weight);
    return look && principle === 'last-word' ? asAsked(look, trace) : look;
  };
  return Object.fromEntries(
    [...new Set<Principle>(['last-word', ...(own ? [own] : [])])].flatMap((principle) => {
      const look = lookOf(principle);
      return look ? [[principle, look]] : [];
    }),
  );
}

/** A right choice out of few may be luck. */
function weighed(shown: boolean | null, { choices }: Trace, weight: TryWeight): PrincipleLook | null {
  if (shown === null) return null;
  const byLuck = choices === undefined ? 0 : 1 / choices;
  const counts = shown ? weight.success * (1 - byLuck) : weight.miss;
  return counts > 0 ? { success: shown, weight: counts } : null;
}

/** A count asked for by the question and ended by its answer hardly tells whether its last word was meant as one. */
function asAsked(look: PrincipleLook, trace: Trace): PrincipleLook {
  const events = settledEvents(trace.events);
  const asked = events.findIndex((event) => event.kind === 'ask' && event.question === 'how-many');
  const countedBefore = splitPasses(events.slice(0, Math.max(0, asked))).some(
    (pass) => wordsOf(pass).length > 0,
  );
  return countedBefore || !look.success ? look : { ...look, weight: look.weight * figure.askedBefore };
}

/** Where a task asks for a count, a child that said nothing has tried; elsewhere words come or do not. */
const asksForWords = (task: TaskEntry | undefined): boolean =>
  task === undefined || captureKinds[task.kind].asksForWords;

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
  reading: TryReading,
  weight: TryWeight,
  task: TaskEntry | undefined,
): Omit<OrderObservation, 'tries'> | null {
  const isFromTheStart = trace.start === 1 || trace.start === 0;
  if (!isFromTheStart || trace.direction !== 1 || (trace.step ?? 1) !== 1) return null;
  if (weight.success + weight.miss === 0) return null;
  if (isFetching(trace) || trace.mixedWith !== undefined) return null;
  if (reading.working !== null && reading.working !== 'all') return null;
  const order = trace.start === 0 ? fromOne(reading.order.words) : reading.order;
  const { words } = order;
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

/** A run from nought as one from one: the nought before it says nothing of where the order gives way. */
function fromOne(
  fromNought: readonly Word[],
): Pick<TryReading['order'], 'words' | 'upTo' | 'lastNumber' | 'slips'> {
  const words = fromNought[0] === 0 ? fromNought.slice(1) : fromNought;
  const { upTo, slips } = readWords(words, 1, 1);
  return { words, upTo, lastNumber: words.findLast(isNumberWord) ?? 0, slips };
}

function trackingIn(
  trace: Trace,
  { pairing }: TryReading,
  weight: TryWeight,
  day: string,
): TrackingTry | null {
  // By twos a touch takes several: another skill than one to one.
  if (!pairing || (trace.step ?? 1) !== 1 || trace.set.size === 0 || readPass(trace).length === 0)
    return null;
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

function thresholdIn(
  skill: ThresholdSkill,
  trace: Trace,
  weight: TryWeight,
  day: string,
): ThresholdTry | null {
  const look = thresholdReaders[skill].look(trace);
  // Numbers begin at one: that ten wants none more says nothing of how far it goes.
  if (!look || look.n < 1) return null;
  const counts = look.success ? weight.success : weight.miss;
  const { choices } = trace;
  return counts > 0 ? { ...look, weight: counts, day, ...(choices !== undefined && { choices }) } : null;
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
