import { figure } from '../common/parameters.js';
import { trackingWays } from './tracking.js';
import type { Arrangement } from '../trace/trace.js';

const between = (low: number, value: number, high: number): number => Math.min(high, Math.max(low, value));

/** Number words a child of the age may be expected to say in order; null without an age. Never shown as a norm. */
export function orderPriorMean(months: number | null): number | null {
  return months === null
    ? null
    : between(figure.orderLeast, (months - figure.orderFrom) / figure.orderPerWord, figure.orderMost);
}

/** Numbers a child of the age may be expected to count out; null without an age. Never shown as a norm. */
export const countOutPriorMean = (months: number | null): number | null =>
  behindOrder(figure.countOutBehind)(months);

/** What comes about so many numbers after the words alone; null without an age. Never shown as a norm. */
export const behindOrder =
  (numbers: number) =>
  (months: number | null): number | null => {
    const order = orderPriorMean(months);
    return order === null ? null : order - numbers;
  };

/** Where to begin asking: a little below what is expected, from 1 to 5. */
export function firstQuestion(priorMean: number | null): number {
  return Math.round(between(1, (priorMean ?? 4) - figure.startBelow, 5));
}

/** How much harder each arrangement is than things that may be moved, in numbers; a first guess. */
const harderBy: Record<Arrangement, number> = {
  frame: figure.harderFrame,
  movable: 0,
  row: 0,
  none: 0,
  pictures: figure.harderPictures,
  heard: figure.harderHeard,
  scattered: figure.harderScattered,
  ring: figure.harderRing,
  hidden: figure.harderHidden,
};

/** The arrangements of things from the easiest on. */
export const fromTheEasiest: readonly Arrangement[] = (Object.keys(harderBy) as Arrangement[])
  .filter((one) => one !== 'none')
  .sort((a, b) => harderBy[a] - harderBy[b]);

/** How much likelier each slip is in an arrangement than in a row. */
const slipsTimes: Record<Arrangement, number> = {
  movable: figure.slipsMovable,
  frame: figure.slipsMovable,
  row: 1,
  none: 1,
  pictures: figure.slipsPictures,
  heard: figure.slipsPictures,
  hidden: figure.slipsScattered,
  scattered: figure.slipsScattered,
  ring: figure.slipsScattered,
};

const lentShares = new Map<number, readonly Float64Array[]>();

/** By way and way of the same shape: how much of what is known of one goes to the other where slips are so many times likelier. */
function lentSharesOf(times: number): readonly Float64Array[] {
  const kept = lentShares.get(times);
  if (kept) return kept;
  const shares = trackingWays.map((way) => {
    const weights = Float64Array.from(trackingWays, (other) =>
      other.shape === way.shape
        ? Math.exp(-0.5 * (Math.log(other.slips / (way.slips * times)) / Math.log(figure.borrowTimes)) ** 2)
        : 0,
    );
    const total = weights.reduce((sum, weight) => sum + weight, 0);
    return weights.map((weight) => weight / total);
  });
  lentShares.set(times, shares);
  return shares;
}

/**
 * What is known of losing track in one arrangement as a prior for another, shape by shape: slips so many
 * times likelier, blurred, and blended with the plain prior. Serves the choice of a question and the best
 * guess, never what is sure.
 */
export function borrowedTracking(
  known: Float64Array,
  from: Arrangement,
  to: Arrangement,
  plain: Float64Array,
): Float64Array {
  const lent = new Float64Array(known.length);
  for (const [i, shares] of lentSharesOf(slipsTimes[to] / slipsTimes[from]).entries())
    shares.forEach((share, j) => (lent[j]! += known[i]! * share));
  return lent.map((weight, i) => (1 - figure.borrowPlain) * weight + figure.borrowPlain * plain[i]!);
}
