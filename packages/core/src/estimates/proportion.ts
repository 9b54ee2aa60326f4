import { daysBetween } from './axis.js';
import { figure } from './parameters.js';

export interface ProportionTry {
  readonly success: boolean;
  readonly weight: number;
  /** YYYY-MM-DD. */
  readonly day: string;
}

export interface Proportion {
  /** Mean of the Beta posterior. */
  readonly mean: number;
  /** Its two parameters, successes and misses with one of each before the first try. */
  readonly beta: readonly [successes: number, misses: number];
  /** Holds often enough, on enough tries over enough days. */
  readonly shown: boolean;
  /** Counted tries and the days they were made on. */
  readonly tries: number;
  readonly days: number;
}

/** What a look counts after so many days: half after six weeks. */
export function fadingWeight(days: number): number {
  return 0.5 ** (days / (7 * figure.halfLife));
}

/**
 * How often a principle holds: Beta(1, 1), older tries fading. Time alone draws the mean towards a
 * half, so it never makes a principle shown.
 *
 * @param date YYYY-MM-DD; tries after it are counted in full
 * @example proportion([{ success: true, weight: 1, day: '2026-03-02' }], '2026-03-02').mean // 2/3
 */
export function proportion(tries: readonly ProportionTry[], date: string): Proportion {
  const counted = tries.filter((one) => one.weight > 0);
  let successes = 1;
  let misses = 1;
  for (const { success, weight, day } of counted) {
    const counts = weight * fadingWeight(daysBetween(day, date));
    if (success) successes += counts;
    else misses += counts;
  }
  const mean = successes / (successes + misses);
  const days = new Set(counted.map((one) => one.day)).size;
  const isOften = mean >= figure.shownMean && counted.length >= figure.shownTries;
  return {
    mean,
    beta: [successes, misses],
    shown: isOften && days >= figure.shownDays,
    tries: counted.length,
    days,
  };
}
