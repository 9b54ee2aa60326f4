import { daysBetween } from './axis.js';
import { figure } from '../common/parameters.js';

export interface ProportionTry {
  readonly success: boolean;
  readonly weight: number;
  /** YYYY-MM-DD. */
  readonly day: string;
}

export interface Proportion {
  /** Mean chance that it holds. */
  readonly mean: number;
  /** Probability that it holds three times in four. */
  readonly steady: number;
}

/** What a look counts after so many days: half after so many weeks. */
function fadingWeight(days: number, halfLifeWeeks: number = figure.halfLife): number {
  return 0.5 ** (days / (7 * halfLifeWeeks));
}

/** Chances at which a principle may hold, and how expected each is before the first try. */
const chances: readonly number[] = Array.from({ length: 100 }, (_, i) => (i + 0.5) / 100);
const logs = chances.map((p) => [Math.log(p), Math.log(1 - p)] as const);
const [HAS, HAS_NOT, BETWEEN] = figure.principlePrior as readonly [number, number, number];
const prior = chances.map((p) => HAS * 9 * p ** 8 + HAS_NOT * 9 * (1 - p) ** 8 + BETWEEN);

/**
 * How often a principle holds, older tries fading. Most children have a principle or have it not, so the
 * prior has a part for each and one between; of itself it is far from claiming anything, so that time alone,
 * which draws towards it, never makes a principle likely.
 *
 * @param date YYYY-MM-DD; tries after it are counted in full
 * @example proportion([{ success: true, weight: 1, day: '2026-03-02' }], '2026-03-02').steady // 0.68
 */
export function proportion(
  tries: readonly ProportionTry[],
  date: string,
  halfLifeWeeks: number = figure.halfLife,
): Proportion {
  let successes = 0;
  let misses = 0;
  for (const { success, weight, day } of tries) {
    const counts = weight * fadingWeight(daysBetween(day, date), halfLifeWeeks);
    if (success) successes += counts;
    else misses += counts;
  }
  const density = logs.map(([right, wrong], i) => prior[i]! * Math.exp(successes * right + misses * wrong));
  const total = density.reduce((sum, weight) => sum + weight, 0);
  const share = (of: (p: number) => number): number =>
    density.reduce((sum, weight, i) => sum + weight * of(chances[i]!), 0) / total;
  return { mean: share((p) => p), steady: share((p) => Number(p >= figure.steadyChance)) };
}
