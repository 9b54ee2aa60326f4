import { groupBy } from '../common/groupBy.js';
import { daysBetween, largestNumber } from './axis.js';
import { figure } from '../common/parameters.js';

/** What a claim asks of a try: n is the number it was about. */
export interface ClaimedTry {
  readonly n: number;
  readonly success: boolean;
  readonly weight: number;
  /** YYYY-MM-DD. */
  readonly day?: string | undefined;
}

/** The tries of a day, and how many days after the ones before them. */
export interface DayOfTries<Try> {
  readonly day: string | undefined;
  readonly daysSince: number;
  readonly tries: readonly Try[];
}

/**
 * Tries by day, earliest first; those without a day belong to the last. Their order within a day is
 * lost. With an `until` later than the last try there is one more day, without tries.
 */
export function byDay<Try extends { readonly day?: string | undefined }>(
  tries: readonly Try[],
  until?: string,
): readonly DayOfTries<Try>[] {
  const days = [...new Set(tries.flatMap((one) => one.day ?? []))].sort();
  const lastOfTries = days.at(-1);
  if (lastOfTries === undefined) return tries.length === 0 ? [] : [{ day: until, daysSince: 0, tries }];
  if (until !== undefined && until > lastOfTries) days.push(until);
  const ofDay = groupBy(tries, (one) => one.day ?? lastOfTries);
  return days.map((day, i) => ({
    day,
    daysSince: i === 0 ? 0 : daysBetween(days[i - 1]!, day),
    tries: ofDay.get(day) ?? [],
  }));
}

/** Whether a number stands by its own tries: often enough right, never wrong, over two days. */
function standsByItself(n: number, tries: readonly ClaimedTry[]): boolean {
  const atN = tries.filter((one) => one.n === n);
  return (
    atN.length >= figure.passesForOneNumber &&
    atN.every((one) => one.success && one.day !== undefined) &&
    new Set(atN.map((one) => one.day)).size >= 2
  );
}

/** What a statement asks of the numbers. */
export interface ClaimAsked {
  /** Probability that a statement needs. */
  readonly claim: number;
  /** Whether a number may stand by its own tries, against the model. */
  readonly countsAlone: boolean;
}

/**
 * The largest N, no larger than the largest number passed, such that every number up to it is
 * probable enough or stands by its own tries; 0 if there is none.
 */
export function steadyTo(
  supported: readonly number[],
  tries: readonly ClaimedTry[],
  { claim, countsAlone }: ClaimAsked,
): number {
  const counted = tries.filter((one) => one.weight > 0);
  let largestPassed = 0;
  for (const one of counted) if (one.success) largestPassed = Math.max(largestPassed, one.n);
  const isSaid = (n: number): boolean =>
    supported[n - 1]! >= claim || (countsAlone && standsByItself(n, counted));
  let n = 0;
  while (n < Math.min(largestPassed, largestNumber) && isSaid(n + 1)) n++;
  return n;
}

/** The smaller of each pair. */
export function leastOf(one: readonly number[], other: readonly number[]): readonly number[] {
  return one.map((value, i) => Math.min(value, other[i]!));
}

/** How a state of knowledge goes on, and what it supports. */
export interface ClaimRules<State, Try> {
  readonly initial: State;
  /** After so many days without a look. */
  readonly afterDays: (state: State, days: number) => State;
  /** The same, with the least that is supported at the end of any of these days. */
  readonly idled: (state: State, days: number) => Claimed<State>;
  readonly observed: (state: State, tries: readonly Try[]) => State;
  /** Probability that the child is steady at n, by n − 1. */
  readonly supportOf: (state: State) => readonly number[];
}

/** What is known, and what is supported by what went well; neither time nor a miss lifts that. */
export interface Claimed<State> {
  readonly state: State;
  readonly supported: readonly number[];
}

/** What was known after a day of looks, and the days without a look that were walked from there already. */
interface Known<State, Try> extends Claimed<State> {
  readonly day: DayOfTries<Try> | null;
  readonly hasPassed: boolean;
  idle: Claimed<State> & { readonly days: number };
}

/**
 * One pass over the days of a skill, kept: each day of looks leaves what was known after it, so that another
 * day of statement, or a new try on a later day, costs only what comes after.
 *
 * Only a day with a success can lift what is supported: between such days the least on the way counts, so
 * that neither time alone nor a miss ever lifts a claim. What is expected before the first success waits for
 * it: an early miss must not loosen it.
 */
export class ClaimPass<State, Try extends ClaimedTry> {
  private readonly rules: ClaimRules<State, Try>;
  /** Before the first day, then after each. */
  private readonly known: Known<State, Try>[];

  constructor(rules: ClaimRules<State, Try>) {
    this.rules = rules;
    const claimed = { state: rules.initial, supported: rules.supportOf(rules.initial) };
    this.known = [{ ...claimed, day: null, hasPassed: false, idle: { ...claimed, days: 0 } }];
  }

  /**
   * What is known on a day, from these tries; those of no weight are left out. Tries that were there before
   * and are the same objects are not read again.
   *
   * @param until YYYY-MM-DD; without it, the day of the last try
   */
  at(tries: readonly Try[], until?: string): Claimed<State> {
    const days = byDay(tries.filter((one) => one.weight > 0));
    const other = days.findIndex((day, i) => !isSameDay(day, this.known[i + 1]?.day));
    if (other >= 0) {
      this.known.length = other + 1;
      for (const day of days.slice(other)) this.take(day);
    }
    const last = days.at(-1)?.day;
    const idle = until === undefined || last === undefined ? 0 : daysBetween(last, until);
    return this.idled(this.known[days.length]!, idle);
  }

  private take(day: DayOfTries<Try>): void {
    const { rules } = this;
    const last = this.known.at(-1)!;
    const passes = day.tries.some((one) => one.success);
    // A success decides anew what is supported, whatever was on the way.
    const { state: before, supported: onTheWay } = passes
      ? { state: this.walked(last, day.daysSince), supported: null }
      : this.idled(last, day.daysSince);
    const state = rules.observed(before, day.tries);
    const support = rules.supportOf(state);
    const claimed = { state, supported: onTheWay ? leastOf(onTheWay, support) : support };
    const hasPassed = passes || last.hasPassed;
    this.known.push({ ...claimed, day, hasPassed, idle: { ...claimed, days: 0 } });
  }

  /** What is known so many days after a day of looks, none between. */
  private walked({ state, hasPassed }: Known<State, Try>, days: number): State {
    return hasPassed && days > 0 ? this.rules.afterDays(state, days) : state;
  }

  /** The same, with the least that is supported on the way; goes on from where it was asked for before. */
  private idled(known: Known<State, Try>, days: number): Claimed<State> {
    if (!known.hasPassed || days === 0) return known;
    const before = known.idle.days <= days ? known.idle : { ...known, days: 0 };
    if (before.days === days) return before;
    const { state, supported } = this.rules.idled(before.state, days - before.days);
    known.idle = { days, state, supported: leastOf(before.supported, supported) };
    return known.idle;
  }
}

const isSameDay = <Try>(day: DayOfTries<Try>, other: DayOfTries<Try> | null | undefined): boolean =>
  !!other &&
  day.day === other.day &&
  day.tries.length === other.tries.length &&
  day.tries.every((one, i) => one === other.tries[i]);

const passes = new WeakMap<object, Map<string, unknown>>();

/**
 * The pass that belongs to a child’s earliest try of a skill, kept as long as that try is; another where the
 * name, which says by what rules it goes, is another.
 */
export function keptPass<State, Try extends ClaimedTry>(
  tries: readonly Try[],
  name: string,
  rules: () => ClaimRules<State, Try>,
): ClaimPass<State, Try> {
  if (tries.length === 0) return new ClaimPass(rules());
  const first = tries.reduce((one, other) => ((other.day ?? '') < (one.day ?? '') ? other : one));
  const ofFirst = passes.get(first) ?? new Map<string, unknown>();
  passes.set(first, ofFirst);
  const kept = ofFirst.get(name) as ClaimPass<State, Try> | undefined;
  if (kept) return kept;
  const made = new ClaimPass(rules());
  ofFirst.set(name, made);
  return made;
}
