import { figure } from '../common/parameters.js';
import { dayOf, type Trace } from '../trace/trace.js';
import type { NumberGrounds } from './statement.js';
import { hasKinds, isUnaided, weaknessesOf, type KindOf } from './weaknesses.js';

/** A try of a skill that runs along the numbers: how far it went well, and the least at which it did not. */
export interface NumberLook {
  readonly trace: Trace;
  /** The largest number that went well in it, with the weight of a success; null for none. */
  readonly passed: { readonly n: number; readonly weight: number } | null;
  /** The number that did not go well; null for none. */
  readonly missed: { readonly n: number; readonly weight: number } | null;
}

/** What an estimate says of a skill. */
export interface NumberEstimate {
  /** Probability that it goes well three times in four up to n, by n − 1; never lifted by time. */
  readonly supported: readonly number[];
  /** The same as it is best known, for the interval. */
  readonly likely: readonly number[];
  /** The same with days held possible on which it goes far less well: what is sure rests on it. */
  readonly onAnyDay?: readonly number[];
  readonly chanceAt: (n: number) => number;
}

/**
 * How far a skill is sure, and how far it is likely.
 *
 * Likely: the largest number, no larger than one that went well, that is probable enough. Sure: the same
 * with a higher probability, from what went well unaided, on two days, with two kinds of what was laid, and with at least half of the tries that carry it unaided.
 *
 * @param kindOf what has to differ between the tries; null for words, where only the days do
 */
export function sayNumber(
  looks: readonly NumberLook[],
  { supported, likely, onAnyDay = supported, chanceAt }: NumberEstimate,
  kindOf: KindOf,
): Omit<NumberGrounds, 'skill'> {
  const passes = looks.flatMap(({ trace, passed }) =>
    passed && passed.weight > 0 ? [{ trace, n: passed.n }] : [],
  );
  const largest = (of: readonly { readonly n: number }[]): number => Math.max(0, ...of.map((one) => one.n));
  const passedTo = largest(passes);
  const triedTo = Math.max(passedTo, largest(looks.flatMap(({ missed }) => missed ?? [])));
  const probableTo = (by: readonly number[], least: number, most: number): number => {
    let n = 0;
    while (n < most && Math.min(by[n] ?? 0, likely[n] ?? 0) >= least) n++;
    return n;
  };
  const likelyTo = probableTo(supported, figure.likelyClaim, passedTo);
  let sureTo = Math.min(
    likelyTo,
    probableTo(onAnyDay, figure.statedClaim, largest(passes.filter(({ trace }) => isUnaided(trace)))),
  );
  while (sureTo > 0 && !carries(passes, sureTo, kindOf)) sureTo--;
  return {
    certainty: sureTo > 0 ? 'sure' : likelyTo > 0 ? 'likely' : 'unclear',
    sureTo,
    likelyTo,
    passedTo,
    triedTo,
    interval: intervalOf(likely),
    reachingFor: reachingFor(looks, likelyTo, triedTo, chanceAt),
    tries: looks.map(({ trace }) => trace.id),
    weakenedBy: weaknessesOf(
      passes.filter((one) => one.n >= Math.max(1, likelyTo)).map((one) => one.trace),
      kindOf,
    ),
  };
}

/** The middle 90 % of how far it goes, from the probability of each number by n − 1. */
function intervalOf(likely: readonly number[]): readonly [lo: number, hi: number] {
  const upTo = (least: number): number => {
    const n = likely.findIndex((probability) => probability < least);
    return n < 0 ? likely.length : n;
  };
  return [upTo(1 - figure.intervalTail), upTo(figure.intervalTail)];
}

/** Whether what went well at n and above is enough to be sure of it: two days, two kinds, half of it unaided. */
function carries(
  passes: readonly { readonly trace: Trace; readonly n: number }[],
  n: number,
  kindOf: KindOf,
): boolean {
  const carrying = passes.filter((one) => one.n >= n).map((one) => one.trace);
  const days = new Set(carrying.map(dayOf)).size;
  return (
    days >= figure.shownDays &&
    hasKinds(carrying, kindOf) &&
    2 * carrying.filter(isUnaided).length >= carrying.length
  );
}

/** The smallest number above what is likely that goes well too seldom, never one passed twice without a miss. */
function reachingFor(
  looks: readonly NumberLook[],
  likelyTo: number,
  triedTo: number,
  chanceAt: (n: number) => number,
): number | null {
  const passedAt = (n: number): number => looks.filter(({ passed }) => passed?.n === n).length;
  const isMissedAt = (n: number): boolean => looks.some(({ missed }) => missed?.n === n);
  for (let n = likelyTo + 1; n <= triedTo + figure.reach; n++) {
    if (passedAt(n) >= 2 && !isMissedAt(n)) continue;
    if (chanceAt(n) < figure.steadyChance) return n;
  }
  return null;
}
