import {
  afterDays,
  cells,
  intervalOf,
  largestNumber,
  meanOf,
  normalised,
  tailOf,
  updated,
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
  /** Probability of being steady at n, by n − 1. */
  readonly supported: readonly number[];
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
 * A count with a slip says that e is at least about so large, never that it is no larger: beyond its
 * own share of slips its likelihood is held level, so that a slipped count never lifts a claim.
 *
 * @param tries n and slips as counted, weight 0 … 1, in any order
 * @throws RangeError where n, slips or a weight is out of range
 * @example trackingLimit([{ n: 6, slips: 0, success: true, weight: 1 }]).steadyTo // 1
 */
export function trackingLimit(tries: readonly TrackingTry[], options: TrackingOptions = {}): TrackingLimit {
  check(tries);
  const { claim = figure.claim, growing = false, prior = usualPrior } = options;
  const { state, supported, steadyTo, since } = claimOverTime<Density, TrackingTry>(tries, {
    initial: prior,
    afterOneDay: (density) => afterDays(density, 1, growing),
    observed: (density, today) => (today.length === 0 ? density : updated(density, logLikelihoodOf(today))),
    supportOf,
    claim,
    countsAlone: false,
    until: options.day,
  });
  return {
    posterior: state,
    mean: meanOf(state),
    interval: intervalOf(state),
    slipChance: state.reduce((sum, weight, i) => sum + weight * slipChanceOf(cells[i]!), 0),
    steadyTo,
    since,
    supported,
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

function logLikelihoodOf(tries: readonly TrackingTry[]): Density {
  return Float64Array.from(cells, (limit) =>
    tries.reduce((sum, { n, slips, weight }) => {
      if (slips === 0) return sum + weight * n * logClean(limit);
      const share = Math.min(1, slips / n);
      const slipChance = Math.min(slipChanceOf(limit), share);
      const clean = Math.max(0, n - slips);
      return (
        sum + weight * (slips * Math.log(slipChance) + (clean > 0 ? clean * Math.log1p(-slipChance) : 0))
      );
    }, 0),
  );
}

function supportOf(density: Density): readonly number[] {
  const tail = tailOf(density);
  return Array.from({ length: largestNumber }, (_, i) => tail[cells.indexOf(i + 1)]!);
}
