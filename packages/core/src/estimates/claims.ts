import { daysBetween, largestNumber } from './axis.js';
import { figure } from './parameters.js';

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
  return days.map((day, i) => ({
    day,
    daysSince: i === 0 ? 0 : daysBetween(days[i - 1]!, day),
    tries: tries.filter((one) => (one.day ?? lastOfTries) === day),
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

/**
 * The largest N, no larger than the largest number passed, such that every number up to it is
 * probable enough or stands by its own tries; 0 if there is none.
 */
function steadyTo(
  supported: readonly number[],
  tries: readonly ClaimedTry[],
  { claim, countsAlone }: Pick<ClaimRules<never, never>, 'claim' | 'countsAlone'>,
): number {
  let largestPassed = 0;
  for (const one of tries) if (one.success) largestPassed = Math.max(largestPassed, one.n);
  const isSaid = (n: number): boolean =>
    supported[n - 1]! >= claim || (countsAlone && standsByItself(n, tries));
  let n = 0;
  while (n < Math.min(largestPassed, largestNumber) && isSaid(n + 1)) n++;
  return n;
}

/** The smaller of each pair. */
function leastOf(one: readonly number[], other: readonly number[]): readonly number[] {
  return one.map((value, i) => Math.min(value, other[i]!));
}

/** How a state of knowledge goes on, and what it supports. */
export interface ClaimRules<State, Try> {
  readonly initial: State;
  readonly afterDays: (state: State, days: number) => State;
  readonly observed: (state: State, tries: readonly Try[]) => State;
  /** Probability that the child is steady at n, by n − 1. */
  readonly supportOf: (state: State) => readonly number[];
  /** Probability that a statement needs. */
  readonly claim: number;
  /** Whether a number may stand by its own tries, against the model. */
  readonly countsAlone: boolean;
  /** The day of the statement, YYYY-MM-DD; without it, the day of the last try. */
  readonly until?: string | undefined;
}

export interface Claimed<State> {
  readonly state: State;
  readonly supported: readonly number[];
  readonly steadyTo: number;
  /** The day from which `steadyTo` has held; null where the tries carry no day, or nothing is claimed. */
  readonly since: string | null;
}

/**
 * Goes through the tries day by day, those of no weight left out. Only a day with a success can lift what is supported: between
 * such days the least on the way counts, so that neither time alone nor a miss ever lifts a claim.
 */
export function claimOverTime<State, Try extends ClaimedTry>(
  tries: readonly Try[],
  rules: ClaimRules<State, Try>,
): Claimed<State> {
  let state = rules.initial;
  let supported = rules.supportOf(state);
  let seen: readonly Try[] = [];
  const history: { day: string | undefined; steadyTo: number }[] = [];
  let hasPassed = false;
  const counted = tries.filter((one) => one.weight > 0);
  for (const { day, daysSince, tries: today } of byDay(counted, rules.until)) {
    const passesToday = today.some((one) => one.success);
    // What is expected before the first success waits for it: an early miss must not loosen it.
    if (hasPassed && passesToday) state = rules.afterDays(state, daysSince);
    for (let i = 0; hasPassed && !passesToday && i < daysSince; i++) {
      state = rules.afterDays(state, 1);
      supported = leastOf(supported, rules.supportOf(state));
    }
    state = rules.observed(state, today);
    const support = rules.supportOf(state);
    hasPassed ||= passesToday;
    supported = passesToday ? support : leastOf(supported, support);
    seen = [...seen, ...today];
    history.push({ day, steadyTo: steadyTo(supported, seen, rules) });
  }
  return { state, supported, steadyTo: history.at(-1)?.steadyTo ?? 0, since: heldSince(history) };
}

/** The day from which on the last of these claims has held at every look; null for no claim. */
function heldSince(
  history: readonly { readonly day: string | undefined; readonly steadyTo: number }[],
): string | null {
  const last = history.at(-1);
  if (!last || last.steadyTo === 0) return null;
  const broken = history.findLastIndex((one) => one.steadyTo < last.steadyTo);
  return history[broken + 1]!.day ?? null;
}
