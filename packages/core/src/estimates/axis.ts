import { figure } from './parameters.js';

/** Where on the number axis a child's limit can lie: −4 … 36 in steps of a quarter. */
export const cells: readonly number[] = Array.from({ length: 161 }, (_, i) => -4 + i / 4);
const STEP = 0.25;
export const largestNumber = 36;

/** A probability for each of `cells`, summing to one. */
export type Density = Readonly<Float64Array>;

const WALKS_PER_DAY = 2;
const DAYS_PER_WEEK = 7;

/** Chance of one cell up, and of one down, in half a day: gives the variance of `spread` a week. */
const WALK = figure.spread ** 2 / (DAYS_PER_WEEK * WALKS_PER_DAY) / (2 * STEP ** 2);
/** How much likelier up than down, for a mean of `drift` a week. */
const LEAN = figure.drift / (DAYS_PER_WEEK * WALKS_PER_DAY) / (2 * STEP);

export function normalised(weights: Density): Density {
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  return weights.map((weight) => weight / total);
}

/** Normal about the mean; flat where there is none. */
export function normalDensity(mean: number | null, sd: number): Density {
  const weightAt = (cell: number) => (mean === null ? 1 : Math.exp(-0.5 * ((cell - mean) / sd) ** 2));
  return normalised(Float64Array.from(cells, weightAt));
}

/** Multiplies by a likelihood given as logarithms, whose common size does not matter. */
export function updated(density: Density, logLikelihood: Density): Density {
  const largest = logLikelihood.reduce((one, other) => Math.max(one, other), -Infinity);
  return normalised(density.map((weight, i) => weight * Math.exp(logLikelihood[i]! - largest)));
}

/**
 * What is known of the limit after so many days without a look: a random walk in half-day steps,
 * which keeps the likelihood ratio of two densities in order (a better start never ends worse).
 *
 * @param growing leans the walk upward by the usual growth; for choosing questions only
 */
export function afterDays(density: Density, days: number, growing = false): Density {
  const up = WALK + (growing ? LEAN : 0);
  const down = WALK - (growing ? LEAN : 0);
  const last = cells.length - 1;
  let now = Float64Array.from(density);
  let next = new Float64Array(cells.length);
  for (let step = 0; step < days * WALKS_PER_DAY; step++) {
    for (let i = 0; i <= last; i++) {
      const stays = (1 - up - down) * now[i]!;
      const fromBelow = up * now[Math.max(0, i - 1)]!;
      const fromAbove = down * now[Math.min(last, i + 1)]!;
      next[i] = stays + fromBelow + fromAbove;
    }
    // What would leave at an edge stays there.
    next[0]! += (down - up) * now[0]!;
    next[last]! += (up - down) * now[last]!;
    [now, next] = [next, now];
  }
  return normalised(now);
}

/** Moves a density along the axis and blurs it: what one arrangement says of another. */
export function moved(density: Density, by: number, sd: number): Density {
  const kernel = cells.map((_, i) => Math.exp(-0.5 * ((i * STEP) / sd) ** 2));
  const offset = Math.round(by / STEP);
  const weightAt = (to: number): number =>
    density.reduce((sum, weight, from) => sum + weight * kernel[Math.abs(to - from - offset)]!, 0);
  return normalised(Float64Array.from(cells, (_, to) => weightAt(to)));
}

export function meanOf(density: Density): number {
  return density.reduce((sum, weight, i) => sum + weight * cells[i]!, 0);
}

export function sdOf(density: Density): number {
  const mean = meanOf(density);
  return Math.sqrt(density.reduce((sum, weight, i) => sum + weight * (cells[i]! - mean) ** 2, 0));
}

/** The smallest cell below which the share of the density lies. */
export function quantileOf(density: Density, share: number): number {
  let below = 0;
  return cells[density.findIndex((weight) => (below += weight) >= share)] ?? cells.at(-1)!;
}

/** Probability of this cell or a higher one, by cell; one more at the end for none. */
export function tailOf(density: Density): Density {
  const tail = new Float64Array(density.length + 1);
  for (let i = density.length - 1; i >= 0; i--) tail[i] = tail[i + 1]! + density[i]!;
  return tail;
}

/** The middle 90 % of the density. */
export function intervalOf(density: Density): readonly [lo: number, hi: number] {
  return [quantileOf(density, 0.05), quantileOf(density, 0.95)];
}

/** Whole days from one day to a later one, both YYYY-MM-DD; 0 where it is not later. */
export function daysBetween(from: string, to: string): number {
  return Math.max(0, Math.round((Date.parse(to) - Date.parse(from)) / 86_400_000));
}
