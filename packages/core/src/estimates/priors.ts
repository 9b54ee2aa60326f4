import { moved, normalised, type Density } from './axis.js';
import { figure } from './parameters.js';
import type { Arrangement } from '../trace/trace.js';

const between = (low: number, value: number, high: number): number => Math.min(high, Math.max(low, value));

/** Number words a child of the age may be expected to say in order; null without an age. Never shown as a norm. */
export function orderPriorMean(months: number | null): number | null {
  return months === null
    ? null
    : between(figure.orderLeast, (months - figure.orderFrom) / figure.orderPerWord, figure.orderMost);
}

/** Numbers a child of the age may be expected to count out; null without an age. Never shown as a norm. */
export function countOutPriorMean(months: number | null): number | null {
  const order = orderPriorMean(months);
  return order === null ? null : order - figure.countOutBehind;
}

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

/**
 * What is known of one arrangement as a prior for a harder one: moved down by the usual difference
 * and blurred. Serves the choice of the next question only.
 */
export function borrowed(known: Density, from: Arrangement, to: Arrangement): Density {
  return normalised(moved(known, harderBy[from] - harderBy[to], figure.borrowSd));
}
