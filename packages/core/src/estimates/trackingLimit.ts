import {
  afterDays,
  cells,
  intervalOf,
  largestNumber,
  meanOf,
  normalised,
  tailOf,
  weighed,
  type Density,
} from './axis.js';
import { claimOverTime, type ClaimedTry } from './claims.js';
import { figure } from './parameters.js';

/** A count of n things; a success is one without a slip. */
export interface TrackingTry extends ClaimedTry {
  /** Things lost track of. */
  readonly slips: number;
}

export interface TrackingOptions {
  readonly claim?: number;
  /** The day of the statement, YYYY-MM-DD; without it, the day of the last try. */
  readonly day?: string;
  /** Lets the limit grow between days: for choosing a question, never for a statement. */
  readonly growing?: boolean;
  /** What easier arrangements say of this one, in place of the usual prior. */
  readonly prior?: Density;
}

export interface TrackingLimit {
  /** Probability by cell of the axis that so many things are counted without a slip three times in four. */
  readonly posterior: Density;
  readonly mean: number;
  /** 90 % interval of that number of things. */
  readonly interval: readonly [lo: number, hi: number];
  /** Mean of the slip chance per thing. */
  readonly slipChance: number;
  readonly steadyTo: number;
  readonly since: string | null;
  /** Probability of being steady at n, by n − 1, as claims use it. */
  readonly supported: readonly number[];
  /** The same as the posterior has it. */
  readonly likely: readonly number[];
}

/** What is known of a limit. */
interface Known {
  readonly posterior: Density;
  /** The same with a slipped count never speaking for fewer slips: what claims rest on. */
  readonly careful: Density;
}

const LEAST_LIMIT = 0.25;

/** log of the chance that one thing is counted without a slip, by the limit it gives. */
const logClean = (limit: number): number => Math.log(figure.steadyChance) / Math.max(limit, LEAST_LIMIT);

/** Chance of counting n things without a slip. */
export const chanceClean = (n: number, limit: number): number => Math.exp(n * logClean(limit));

/** The slip chance per thing that has this limit. */
const slipChanceOf = (limit: number): number => -Math.expm1(logClean(limit));

/** How many things a child with this slip chance counts without a slip three times in four. */
export const limitOf = (slipChance: number): number =>
  Math.log(figure.steadyChance) / Math.log1p(-slipChance);

/** Beta(1, clean) on the slip chance, as a density of the limit: P(limit ≤ l) = steady^(clean / l). */
export function trackingPrior(clean: number = figure.slipPrior): Density {
  const below = (limit: number) => (limit <= 0 ? 0 : figure.steadyChance ** (clean / limit));
  const last = cells.length - 1;
  return normalised(
    Float64Array.from(cells, (cell, i) => (i === last ? 1 : below(cell + 0.125)) - below(cell - 0.125)),
  );
}

const usualPrior = trackingPrior();

/**
 * How many things a child keeps track of: losing track happens thing by thing, so each counted thing
 * is an observation of the slip chance e, and n things go without a slip with (1 − e)^n. The prior
 * Beta(1, 15) on e is kept as a density of the number of things that go well three times in four.
 *
 * For claims a count with a slip says that e is at least about so large, never that it is no larger:
 * beyond its own share of slips its likelihood is held level, so that a slipped count never lifts one.
 *
 * @param tries n and slips as counted, weight 0 … 1, in any order
 * @throws RangeError where n, slips or a weight is out of range
 * @example trackingLimit([{ n: 6, slips: 0, success: true, weight: 1 }]).steadyTo // 1
 */
export function trackingLimit(tries: readonly TrackingTry[], options: TrackingOptions = {}): TrackingLimit {
  check(tries);
  const { claim = figure.claim, growing = false, prior = usualPrior } = options;
  const { state, supported, steadyTo, since } = claimOverTime<Known, TrackingTry>(tries, {
    initial: { posterior: prior, careful: prior },
    afterDays: ({ posterior, careful }, days) => ({
      posterior: afterDays(posterior, days, growing),
      careful: afterDays(careful, days, growing),
    }),
    observed,
    supportOf: ({ careful }) => supportOf(careful),
    claim,
    countsAlone: false,
    until: options.day,
  });
  const { posterior } = state;
  return {
    posterior,
    mean: meanOf(posterior),
    interval: intervalOf(posterior),
    slipChance: posterior.reduce((sum, weight, i) => sum + weight * slipChanceOf(cells[i]!), 0),
    steadyTo,
    since,
    supported,
    likely: supportOf(posterior),
  };
}

function observed(known: Known, tries: readonly TrackingTry[]): Known {
  if (tries.length === 0) return known;
  return {
    posterior: weighed(known.posterior, logLikelihoodOf(tries, false)).density,
    careful: weighed(known.careful, logLikelihoodOf(tries, true)).density,
  };
}

function check(tries: readonly TrackingTry[]): void {
  for (const { n, slips, success, weight } of tries) {
    if (!(n >= 1)) throw new RangeError(`trackingLimit: n is ${n}, but a set has at least one thing`);
    if (success !== (slips === 0)) throw new RangeError('trackingLimit: a success is a count without a slip');
    if (!(weight >= 0 && weight <= 1))
      throw new RangeError(`trackingLimit: weight is ${weight}, not in 0 … 1`);
  }
}

const cleanTable = Float64Array.from(cells, logClean);
const slipTable = Float64Array.from(cells, (limit) => Math.log(slipChanceOf(limit)));

function logLikelihoodOf(tries: readonly TrackingTry[], careful: boolean): Density {
  const sum = new Float64Array(cells.length);
  for (const { n, slips, weight } of tries) {
    const clean = Math.max(0, n - slips);
    const share = slips / n;
    // The smallest limit that has no more slips than its share: below it a careful reading stays level.
    const level = careful && share > 0 && share < 1 ? limitOf(share) : -Infinity;
    for (let i = 0; i < sum.length; i++) {
      const at = cells[i]! < level ? levelOf(slips, clean) : slips * slipTable[i]! + clean * cleanTable[i]!;
      sum[i]! += weight * at;
    }
  }
  return sum;
}

/** The largest log likelihood of so many slips among so many things. */
function levelOf(slips: number, clean: number): number {
  const share = slips / (slips + clean);
  return slips * Math.log(share) + clean * Math.log1p(-share);
}

/** Index of the cell at n, by n − 1. */
const cellOf: readonly number[] = Array.from({ length: largestNumber }, (_, i) => cells.indexOf(i + 1));

function supportOf(density: Density): readonly number[] {
  const tail = tailOf(density);
  return cellOf.map((cell) => tail[cell]!);
}
