import {
  afterDays,
  blurred,
  cells,
  intervalOf,
  largestNumber,
  meanOf,
  normalDensity,
  sdOf,
  walkDay,
  weighed,
  type Density,
} from './axis.js';
import { ClaimPass, keptPass, leastOf, steadyTo, type ClaimedTry, type ClaimRules } from './claims.js';
import { figure } from '../common/parameters.js';

export interface ThresholdTry extends ClaimedTry {
  /** How many the child chose from; absent for an open answer. */
  readonly choices?: number | undefined;
  /** What cannot be guessed at all, as a run of words. */
  readonly unguessed?: true;
}

export interface ThresholdOptions {
  /** Where the threshold is expected before any try; null for anywhere. */
  readonly priorMean: number | null;
  /** How far from there it may be; the table's where nothing is said. (numbers) */
  readonly priorSd?: number;
  /** Slopes to integrate over, equally likely. */
  readonly slopes?: readonly number[];
  /** Probability that a statement needs. */
  readonly claim?: number;
  /** The day of the statement, YYYY-MM-DD; without it, the day of the last try. */
  readonly day?: string;
  /** Lets the threshold grow between days: for choosing a question, never for a statement. */
  readonly growing?: boolean;
  /** What the child's other skills say of the slopes, by slope; claims do not use it. */
  readonly slopeWeights?: readonly number[];
  /** What is expected before any try, in place of the normal prior. */
  readonly prior?: Density;
  /** Whether a number may stand by its own tries, against the model. */
  readonly countsAlone?: boolean;
  /** Whether claims take each slope by what the tries say of it; else at its first probability. */
  readonly claimsBySlope?: boolean;
  /** Share a week of what is known that gives way to what was expected before; none where nothing is said. */
  readonly fade?: number;
  /** Keeps the pass over the days with the first try, under this name: it stands for all options but `day`. */
  readonly keepAs?: string;
}

export interface Threshold {
  /** Probability by cell of the axis. */
  readonly posterior: Density;
  readonly mean: number;
  readonly sd: number;
  /** 90 % interval of the threshold. */
  readonly interval: readonly [lo: number, hi: number];
  readonly steadyTo: number;
  /** Probability of being steady at n, by n − 1, as claims use it. */
  readonly supported: readonly number[];
  /** The same as the posterior has it. */
  readonly likely: readonly number[];
  /** Mean chance of being right at n, answered openly. */
  readonly chanceAt: (n: number) => number;
  /** The threshold for each slope, with the slope's probability. */
  readonly bySlope: readonly { readonly slope: number; readonly weight: number; readonly density: Density }[];
}

/** Right at n with this chance: guess + (1 − guess − lapse) · σ((θ + ½ − n) / slope). */
export function chanceAt(n: number, theta: number, slope: number, guess: number = figure.guess): number {
  return guess + (1 - guess - figure.lapse) / (1 + Math.exp(-(theta + 0.5 - n) / slope));
}

/**
 * How far a skill reaches whose difficulty grows with a number: the posterior of the child's
 * threshold on the number axis (item response with a lapse and a guess; each likelihood to the power
 * of its try's weight), the slope integrated out, and what may be said of it.
 *
 * What may be said takes each slope at its prior probability, so that a miss, which can make a
 * sharper slope likelier, never lifts a statement; between the last try and `day` the least support
 * on the way counts, so that time alone never does.
 *
 * @param tries n from 1, weight 0 … 1, in any order; `day` as YYYY-MM-DD
 * @throws RangeError where n or a weight is out of range
 * @example threshold([], { priorMean: 4 }).steadyTo // 0: nothing was passed
 */
export function threshold(tries: readonly ThresholdTry[], options: ThresholdOptions): Threshold {
  check(tries);
  const { claim = figure.claim, countsAlone = true, keepAs, day } = options;
  const rules = () => rulesOf(options);
  const pass = keepAs === undefined ? new ClaimPass(rules()) : keptPass(tries, keepAs, rules);
  const { state: states, supported } = pass.at(tries, day);
  const weights = weightsOf(states);
  const posterior = Float64Array.from(cells, (_, i) =>
    states.reduce((sum, { density }, s) => sum + weights[s]! * density[i]!, 0),
  );
  return {
    posterior,
    mean: meanOf(posterior),
    sd: sdOf(posterior),
    interval: intervalOf(posterior),
    steadyTo: steadyTo(supported, tries, { claim, countsAlone }),
    supported,
    likely: supportOf(states, weights),
    chanceAt: (n) =>
      states.reduce((sum, { slope, density }, s) => sum + weights[s]! * meanChance(density, n, slope), 0),
    bySlope: states.map(({ slope, density }, s) => ({ slope, density, weight: weights[s]! })),
  };
}

function rulesOf(options: ThresholdOptions): ClaimRules<readonly SlopeState[], ThresholdTry> {
  const { priorMean, priorSd = figure.priorSd, slopes = figure.slopes, growing = false } = options;
  const prior = options.prior ?? normalDensity(priorMean, priorSd);
  const without = { growing, prior, fade: 1 - (1 - (options.fade ?? 0)) ** (1 / 7) };
  const claimedWeights = (now: readonly SlopeState[]) =>
    options.claimsBySlope ? weightsOf(now) : now.map(() => 1 / now.length);
  return {
    initial: slopes.map((slope, i) => ({
      slope,
      logEvidence: Math.log(options.slopeWeights?.[i] ?? 1),
      density: prior,
    })),
    afterDays: (now, days) =>
      now.map((state) => ({ ...state, density: afterDays(state.density, days, without) })),
    idled: (now, days) => {
      const walked = now.map((state) => ({ ...state, density: state.density.slice() }));
      const weights = claimedWeights(now);
      let least: readonly number[] | null = null;
      for (let day = 0; day < days; day++) {
        for (const { density } of walked) walkDay(density, without);
        const support = supportOf(walked, weights);
        least = least ? leastOf(least, support) : support;
      }
      return { state: walked, supported: least ?? supportOf(walked, weights) };
    },
    observed: (now, today) => now.map((state) => observed(state, today)),
    supportOf: (now) => supportOf(now, claimedWeights(now)),
  };
}

const meanChance = (density: Density, n: number, slope: number): number =>
  density.reduce((sum, weight, i) => sum + weight * chanceAt(n, cells[i]!, slope), 0);

interface SlopeState {
  readonly slope: number;
  readonly logEvidence: number;
  readonly density: Density;
}

function check(tries: readonly ThresholdTry[]): void {
  for (const { n, weight } of tries) {
    if (!(n >= 1)) throw new RangeError(`threshold: n is ${n}, but numbers begin at 1`);
    if (!(weight >= 0 && weight <= 1)) throw new RangeError(`threshold: weight is ${weight}, not in 0 … 1`);
  }
}

function observed({ slope, logEvidence, density }: SlopeState, tries: readonly ThresholdTry[]): SlopeState {
  if (tries.length === 0) return { slope, logEvidence, density };
  const { likelihood, log } = likelihoodOf(tries, slope);
  const isOfADay = tries.some((one) => one.day !== undefined);
  // A day tells of the child's usual threshold what it tells of that day's, less sharply.
  const after = weighed(density, isOfADay ? blurred(likelihood, figure.dayToDay) : likelihood);
  return { slope, density: after.density, logEvidence: logEvidence + log + after.logEvidence };
}

/** By slope and guess, then by n, a success before a miss. */
const tables = new Map<number, Map<number, Density[]>>();

/** log chance of a success (or a miss) at n for every cell; kept, because the same are asked for again and again. */
function logChances(n: number, slope: number, guess: number, success: boolean): Density {
  let ofSlope = tables.get(slope);
  if (!ofSlope) tables.set(slope, (ofSlope = new Map()));
  let ofGuess = ofSlope.get(guess);
  if (!ofGuess) ofSlope.set(guess, (ofGuess = []));
  return (ofGuess[2 * n + (success ? 0 : 1)] ??= Float64Array.from(cells, (theta) => {
    const right = chanceAt(n, theta, slope, guess);
    return Math.log(success ? right : 1 - right);
  }));
}

/** The likelihood by cell, at most one, and the logarithm of what it was divided by. */
function likelihoodOf(
  tries: readonly ThresholdTry[],
  slope: number,
): { readonly likelihood: Density; readonly log: number } {
  const sum = new Float64Array(cells.length);
  for (const { n, success, weight, choices, unguessed } of tries) {
    const guess = unguessed ? 0 : choices === undefined ? figure.guess : 1 / choices;
    const table = logChances(n, slope, guess, success);
    for (let i = 0; i < sum.length; i++) sum[i]! += weight * table[i]!;
  }
  let log = -Infinity;
  for (const one of sum) log = Math.max(log, one);
  for (let i = 0; i < sum.length; i++) sum[i] = Math.exp(sum[i]! - log);
  return { likelihood: sum, log };
}

function weightsOf(states: readonly SlopeState[]): readonly number[] {
  const largest = Math.max(...states.map((state) => state.logEvidence));
  const weights = states.map((state) => Math.exp(state.logEvidence - largest));
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  return weights.map((weight) => weight / total);
}

/** Probability that the chance at n is steady, by n − 1, each slope at its weight. */
function supportOf(states: readonly SlopeState[], weights: readonly number[]): readonly number[] {
  const support = new Array<number>(largestNumber).fill(0);
  for (let s = 0; s < states.length; s++) {
    const { slope, density } = states[s]!;
    const firstSteady = firstSteadyCells(slope);
    const weight = weights[s]!;
    // From the top down: the larger the number, the higher the first cell that is steady there.
    let tail = 0;
    let cell = cells.length;
    for (let n = largestNumber; n >= 1; n--) {
      // Each number’s own cells by themselves: no addition waits for all before it.
      let own = 0;
      for (const first = firstSteady[n - 1]!; cell > first;) own += density[--cell]!;
      tail += own;
      support[n - 1]! += weight * tail;
    }
  }
  return support;
}

const steadyCells = new Map<number, readonly number[]>();

/** Index of the lowest cell at which the chance at n is steady, by n − 1. */
function firstSteadyCells(slope: number): readonly number[] {
  const kept = steadyCells.get(slope);
  if (kept) return kept;
  const firsts = Array.from({ length: largestNumber }, (_, i) => {
    const found = cells.findIndex((theta) => chanceAt(i + 1, theta, slope) >= figure.steadyChance);
    return found < 0 ? cells.length : found;
  });
  steadyCells.set(slope, firsts);
  return firsts;
}
