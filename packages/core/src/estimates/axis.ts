import { figure } from '../common/parameters.js';

/** Where on the number axis a child's limit can lie: −4 … 36 in steps of a quarter. */
export const cells: readonly number[] = Array.from({ length: 161 }, (_, i) => -4 + i / 4);
const STEP = 0.25;
export const largestNumber = 36;

/** A probability for each of `cells`, summing to one. */
export type Density = Readonly<Float64Array>;

// `walkDay` takes both.
const WALKS_PER_DAY = 2;
const DAYS_PER_WEEK = 7;

/** Chance of one cell up, and of one down, in half a day: gives the variance of `spread` a week. */
const WALK = figure.spread ** 2 / (DAYS_PER_WEEK * WALKS_PER_DAY) / (2 * STEP ** 2);
/** How much likelier up than down, for a mean of `drift` a week. */
const LEAN = figure.drift / (DAYS_PER_WEEK * WALKS_PER_DAY) / (2 * STEP);

export function normalised(weights: Density): Float64Array {
  let total = 0;
  for (const weight of weights) total += weight;
  return weights.map((weight) => weight / total);
}

/** Normal about the mean; flat where there is none. */
export function normalDensity(mean: number | null, sd: number): Density {
  const weightAt = (cell: number) => (mean === null ? 1 : Math.exp(-0.5 * ((cell - mean) / sd) ** 2));
  return normalised(Float64Array.from(cells, weightAt));
}

/** Several normals about one mean, each by its spread and share: for what is seldom far off, but may be. */
export function mixedDensity(
  mean: number | null,
  parts: readonly (readonly [sd: number, share: number])[],
): Density {
  const densities = parts.map(([sd, share]) => ({ share, density: normalDensity(mean, sd) }));
  return Float64Array.from(cells, (_, i) =>
    densities.reduce((sum, { share, density }) => sum + share * density[i]!, 0),
  );
}

/** Multiplies by a likelihood, and tells the logarithm of its mean over the density. */
export function weighed(
  density: Density,
  likelihood: Density,
): { readonly density: Density; readonly logEvidence: number } {
  const result = new Float64Array(density.length);
  let total = 0;
  for (let i = 0; i < result.length; i++) {
    result[i] = density[i]! * likelihood[i]!;
    total += result[i]!;
  }
  for (let i = 0; i < result.length; i++) result[i]! /= total;
  return { density: result, logEvidence: Math.log(total) };
}

/** How days without a look change what is known of the limit. */
export interface DaysWithout {
  /** Leans the walk upward by the usual growth; for choosing questions only. */
  readonly growing: boolean;
  /** Share a day that gives way to what was expected before. */
  readonly fade: number;
  readonly prior: Density;
}

/** What is known of the limit after so many days without a look. */
export function afterDays(density: Density, days: number, without: DaysWithout): Density {
  const walked = density.slice();
  for (let day = 0; day < days; day++) walkDay(walked, without);
  return walked;
}

/**
 * Takes a density on by a day without a look, in its place: a random walk in half-day steps, which keeps the
 * likelihood ratio of two densities in order (a better start never ends worse), and a little of what was
 * expected before.
 *
 * Both half-days in one plain loop without a new array: this runs for every day of a child’s record.
 */
export function walkDay(density: Float64Array, { growing, fade, prior }: DaysWithout): void {
  const up = WALK + (growing ? LEAN : 0);
  const down = WALK - (growing ? LEAN : 0);
  const stay = 1 - up - down;
  const keep = 1 - fade;
  // From two cells below to two above.
  const fromBelow2 = up * up;
  const fromBelow = 2 * up * stay;
  const fromHere = stay * stay + 2 * up * down;
  const fromAbove = 2 * down * stay;
  const fromAbove2 = down * down;
  const last = density.length - 1;
  const [first, second, last2, last1] = ends(density, up, down);
  let below2 = density[0]!;
  let below = density[1]!;
  for (let i = 2; i < last - 1; i++) {
    const here = density[i]!;
    density[i] =
      keep *
        (fromBelow2 * below2 +
          fromBelow * below +
          fromHere * here +
          fromAbove * density[i + 1]! +
          fromAbove2 * density[i + 2]!) +
      fade * prior[i]!;
    below2 = below;
    below = here;
  }
  density[0] = keep * first + fade * prior[0]!;
  density[1] = keep * second + fade * prior[1]!;
  density[last - 1] = keep * last2 + fade * prior[last - 1]!;
  density[last] = keep * last1 + fade * prior[last]!;
}

/** The two cells at either end after both half-days: what would leave at an edge stays there. */
function ends(
  density: Density,
  up: number,
  down: number,
): readonly [first: number, second: number, last2: number, last1: number] {
  const stay = 1 - up - down;
  const last = density.length - 1;
  const half = (i: number): number =>
    (i === 0 ? 1 - up : i === last ? 1 - down : stay) * density[i]! +
    (i === 0 ? 0 : up * density[i - 1]!) +
    (i === last ? 0 : down * density[i + 1]!);
  return [
    (1 - up) * half(0) + down * half(1),
    stay * half(1) + up * half(0) + down * half(2),
    stay * half(last - 1) + up * half(last - 2) + down * half(last),
    (1 - down) * half(last) + up * half(last - 1),
  ];
}

const kernels = new Map<number, Float64Array>();

/** Weights of a normal blur by cell, summing to one; made once for each spread. */
function kernelOf(sd: number): Float64Array {
  const kept = kernels.get(sd);
  if (kept) return kept;
  const reach = Math.ceil((3 * sd) / STEP);
  const kernel = normalised(
    Float64Array.from({ length: 2 * reach + 1 }, (_, i) => Math.exp(-0.5 * (((i - reach) * STEP) / sd) ** 2)),
  );
  kernels.set(sd, kernel);
  return kernel;
}

/** Blurs a likelihood, not normalised: what is seen lies off what is asked after by so much. */
export function blurred(likelihood: Density, sd: number): Density {
  const kernel = kernelOf(sd);
  const reach = (kernel.length - 1) / 2;
  // Beyond its ends the likelihood is as at them.
  const padded = new Float64Array(likelihood.length + 2 * reach);
  padded.fill(likelihood[0]!, 0, reach);
  padded.set(likelihood, reach);
  padded.fill(likelihood[likelihood.length - 1]!, reach + likelihood.length);
  const result = new Float64Array(likelihood.length);
  for (let at = 0; at < result.length; at++) {
    const middle = at + reach;
    let sum = kernel[reach]! * padded[middle]!;
    for (let off = 1; off <= reach; off++)
      sum += kernel[reach + off]! * (padded[middle - off]! + padded[middle + off]!);
    result[at] = sum;
  }
  return result;
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

/** The middle 90 % of the density. */
export function intervalOf(density: Density): readonly [lo: number, hi: number] {
  return [quantileOf(density, 0.05), quantileOf(density, 0.95)];
}

const dayNumbers = new Map<string, number>();

/** Days since 1970; kept, because the same few hundred days are asked for all the time. */
function dayNumberOf(day: string): number {
  const kept = dayNumbers.get(day);
  if (kept !== undefined) return kept;
  const number = Math.round(Date.parse(day) / 86_400_000);
  dayNumbers.set(day, number);
  return number;
}

/** Whole days from one day to a later one, both YYYY-MM-DD; 0 where it is not later. */
export function daysBetween(from: string, to: string): number {
  return Math.max(0, dayNumberOf(to) - dayNumberOf(from));
}
