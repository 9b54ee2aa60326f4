import { ClaimPass, keptPass, type ClaimedTry, type ClaimRules } from './claims.js';
import { figure } from '../common/parameters.js';

/** How a child loses track: at any thing alike, from some number on, ever more along the set, or at its close. */
export const trackingShapes = ['constant', 'limit', 'rising', 'closing'] as const;
export type TrackingShape = (typeof trackingShapes)[number];

/** A count of n things; a success is one without a slip. */
export interface TrackingTry extends ClaimedTry {
  /** The thing, from 1 to n, at which track was first lost; null where that is not known. Not read of a success. */
  readonly firstSlip: number | null;
}

export interface TrackingOptions {
  /** Weight of each shape before the first try, in the order of `trackingShapes`. */
  readonly shapes?: readonly number[];
  /** The day of the statement, YYYY-MM-DD; without it, the day of the last try. */
  readonly day?: string;
  /** What is known otherwise, in place of the plain prior: a weight for each of `trackingWays`. */
  readonly prior?: Float64Array;
  /** Keeps the pass over the days with the first try, under this name: it stands for all options but `day`. */
  readonly keepAs?: string;
}

export interface Tracking {
  /** A weight for each of `trackingWays`, summing to one. */
  readonly posterior: Float64Array;
  /** Probability that n and every smaller number goes well three times in four, by n − 1; never lifted by time. */
  readonly supported: readonly number[];
  /** The same as the posterior has it. */
  readonly likely: readonly number[];
  /** 90 % interval of the largest such number, for planning. */
  readonly interval: readonly [lo: number, hi: number];
  /** Probability of each shape. */
  readonly byShape: Readonly<Record<TrackingShape, number>>;
  /** Mean chance that n are counted without a slip, over good and bad days. */
  readonly chanceAt: (n: number) => number;
}

/** The largest set that is read, and the largest number of which anything is said. */
const MOST_THINGS = 100;
export const mostTracked = 30;
const SURELY = 0.95;

/** One way of losing track that is held possible. */
interface TrackingWay {
  readonly shape: TrackingShape;
  /** Chance of counting n without a slip, by n − 1: on a good day and on a bad one, lapses left out. */
  readonly clean: readonly [good: Float64Array, bad: Float64Array];
  /** Chance that k things of more than k have gone without a slip, by k. */
  readonly soFar: readonly [good: Float64Array, bad: Float64Array];
  /** The largest number at which, and at every smaller one, it goes well three times in four. */
  readonly holdsTo: number;
  /** How easily track is lost, to be compared within a shape. */
  readonly slips: number;
}

const geometric = (from: number, to: number, steps: number): readonly number[] =>
  Array.from({ length: steps }, (_, i) => from * (to / from) ** (i / (steps - 1)));

/** Slip chances at thing k where more follow, and at the last of n. */
interface Hazards {
  readonly at: (k: number) => number;
  readonly atClose: (n: number) => number;
  readonly slips: number;
}

const alongTheSet = (at: (k: number) => number): Omit<Hazards, 'slips'> => ({ at, atClose: at });

const hazardsOf: Record<TrackingShape, readonly Hazards[]> = {
  constant: geometric(0.003, 0.27, 12).map((e) => ({ ...alongTheSet(() => e), slips: e })),
  limit: Array.from({ length: 20 }, (_, i) => ({
    ...alongTheSet((k) => (k <= i + 1 ? figure.slipsHardly : figure.slipsBeyond)),
    slips: 1 / (i + 1),
  })),
  rising: geometric(2, 30, 12).map((scale) => ({
    ...alongTheSet(
      (k) => -Math.expm1(((k - 1) / scale) ** figure.slipsRise - (k / scale) ** figure.slipsRise),
    ),
    slips: 1 / scale,
  })),
  closing: geometric(0.03, 0.7, 9).map((c) => ({ at: () => figure.slipsHardly, atClose: () => c, slips: c })),
};

function wayOf(shape: TrackingShape, { at, atClose, slips }: Hazards): TrackingWay {
  const onDay = (times: number): readonly [clean: Float64Array, soFar: Float64Array] => {
    const kept = (hazard: number): number => 1 - Math.min(SURELY, times * hazard);
    const clean = new Float64Array(MOST_THINGS);
    const soFar = new Float64Array(MOST_THINGS + 1).fill(1);
    for (let k = 1; k <= MOST_THINGS; k++) {
      clean[k - 1] = soFar[k - 1]! * kept(atClose(k));
      soFar[k] = soFar[k - 1]! * kept(at(k));
    }
    return [clean, soFar];
  };
  const [good, goodSoFar] = onDay(1);
  const [bad, badSoFar] = onDay(figure.badDayTimes);
  const clean = [good, bad] as const;
  let holdsTo = 0;
  while (holdsTo < mostTracked && cleanOnAnyDay(clean, holdsTo + 1) >= figure.steadyChance) holdsTo++;
  return { shape, clean, soFar: [goodSoFar, badSoFar], holdsTo, slips };
}

const cleanOnAnyDay = ([good, bad]: TrackingWay['clean'], n: number): number =>
  (1 - figure.trackingLapse) * ((1 - figure.badDays) * good[n - 1]! + figure.badDays * bad[n - 1]!);

/** Every way that is held possible; shapes of equal places along their grids. */
export const trackingWays: readonly TrackingWay[] = trackingShapes.flatMap((shape) =>
  hazardsOf[shape].map((hazards) => wayOf(shape, hazards)),
);

/** The plain prior: each shape by its weight, all its places alike. */
export function trackingPrior(shapes: readonly number[] = figure.trackingShapes): Float64Array {
  return normalised(
    Float64Array.from(
      trackingWays,
      ({ shape }) => shapes[trackingShapes.indexOf(shape)]! / hazardsOf[shape].length,
    ),
  );
}

/**
 * How a child keeps track of things, thing by thing: four shapes of losing it held at once and weighed by
 * where the first slip came. A clean set of n has the likelihood Π(1 − h) over it, one whose first slip came
 * at k has Π(1 − h) up to k − 1 times h(k), one with a slip at no known place 1 − Π(1 − h). Each day is good
 * or bad, slips then being so many times likelier; each try counts to the power of its weight.
 *
 * Between days what is known blends with the prior. For claims the least support on the way counts, so that
 * neither time nor a day with misses alone lifts one.
 *
 * @param tries n from 1, weight 0 … 1, in any order; `day` as YYYY-MM-DD
 * @throws RangeError where n, a place or a weight is out of range
 * @example tracking([{ n: 6, success: true, firstSlip: null, weight: 1 }]).chanceAt(3) // 0.92
 */
export function tracking(tries: readonly TrackingTry[], options: TrackingOptions = {}): Tracking {
  check(tries);
  const { keepAs, day } = options;
  const rules = () => rulesOf(options.prior ?? trackingPrior(options.shapes));
  const pass = keepAs === undefined ? new ClaimPass(rules()) : keptPass(tries, keepAs, rules);
  const { state: posterior, supported } = pass.at(tries, day);
  const likely = supportOf(posterior);
  return {
    posterior,
    supported,
    likely,
    interval: [quantileOf(likely, 0.05), quantileOf(likely, 0.95)],
    byShape: Object.fromEntries(
      trackingShapes.map((shape) => [shape, sumOver(posterior, (way) => Number(way.shape === shape))]),
    ) as Record<TrackingShape, number>,
    chanceAt: (n) => sumOver(posterior, ({ clean }) => cleanOnAnyDay(clean, n)),
  };
}

const rulesOf = (prior: Float64Array): ClaimRules<Float64Array, TrackingTry> => ({
  initial: prior,
  afterDays: (state, days) => blended(state, prior, days),
  // It goes straight to what was expected before: the least on the way lies at one of its ends.
  idled: (state, days) => {
    const after = blended(state, prior, days);
    return { state: after, supported: supportOf(after) };
  },
  observed,
  supportOf,
});

/** By way: the chance that n are counted without a slip, over good and bad days. */
export const cleanChances = (n: number): readonly number[] =>
  trackingWays.map(({ clean }) => cleanOnAnyDay(clean, n));

function observed(state: Float64Array, tries: readonly TrackingTry[]): Float64Array {
  if (tries.length === 0) return state;
  const good = new Float64Array(state.length);
  const bad = new Float64Array(state.length);
  for (const one of tries) {
    const weight = figure.trackingTold * one.weight;
    const [onGood, onBad] = logChances(one);
    for (let i = 0; i < state.length; i++) {
      good[i]! += weight * onGood[i]!;
      bad[i]! += weight * onBad[i]!;
    }
  }
  return normalised(
    state.map(
      (weight, i) =>
        weight * ((1 - figure.badDays) * Math.exp(good[i]!) + figure.badDays * Math.exp(bad[i]!)),
    ),
  );
}

const tables = new Map<string, readonly [good: Float64Array, bad: Float64Array]>();

/** log chance of what was seen, by way, on a good day and on a bad one; kept, because the same is seen again and again. */
function logChances(one: TrackingTry): readonly [good: Float64Array, bad: Float64Array] {
  const key = `${one.n} ${one.success || one.firstSlip}`;
  const kept = tables.get(key);
  if (kept) return kept;
  const onDay = (mood: 0 | 1) => Float64Array.from(trackingWays, (way) => Math.log(chanceOf(way, one, mood)));
  const table = [onDay(0), onDay(1)] as const;
  tables.set(key, table);
  return table;
}

function chanceOf(
  { clean, soFar }: TrackingWay,
  { n, success, firstSlip }: TrackingTry,
  mood: 0 | 1,
): number {
  const whole = clean[mood][n - 1]!;
  const lapse = figure.trackingLapse;
  if (success) return (1 - lapse) * whole;
  if (firstSlip === null) return 1 - (1 - lapse) * whole;
  const after = firstSlip < n ? soFar[mood][firstSlip]! : whole;
  // A lapse comes anywhere.
  return (1 - lapse) * (soFar[mood][firstSlip - 1]! - after) + lapse / n;
}

function blended(state: Float64Array, prior: Float64Array, days: number): Float64Array {
  const share = 1 - (1 - figure.fade) ** (days / 7);
  return state.map((weight, i) => (1 - share) * weight + share * prior[i]!);
}

function supportOf(state: Float64Array): readonly number[] {
  const support = new Array<number>(mostTracked + 1).fill(0);
  for (const [i, { holdsTo }] of trackingWays.entries()) support[holdsTo]! += state[i]!;
  for (let n = mostTracked - 1; n >= 0; n--) support[n]! += support[n + 1]!;
  return support.slice(1);
}

/** The smallest number that so much of the probability lies at or below. */
function quantileOf(support: readonly number[], share: number): number {
  const n = support.findIndex((above) => 1 - above >= share);
  return n < 0 ? mostTracked : n;
}

const sumOver = (state: Float64Array, of: (way: TrackingWay) => number): number =>
  state.reduce((sum, weight, i) => sum + weight * of(trackingWays[i]!), 0);

function normalised(weights: Float64Array): Float64Array {
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  return weights.map((weight) => weight / total);
}

function check(tries: readonly TrackingTry[]): void {
  for (const { n, firstSlip, weight } of tries) {
    if (!(n >= 1 && n <= MOST_THINGS)) throw new RangeError(`tracking: n is ${n}, not in 1 … ${MOST_THINGS}`);
    if (firstSlip !== null && !(firstSlip >= 1 && firstSlip <= n))
      throw new RangeError(`tracking: the first slip is at ${firstSlip} of ${n}`);
    if (!(weight >= 0 && weight <= 1)) throw new RangeError(`tracking: weight is ${weight}, not in 0 … 1`);
  }
}
