import { ageInMonths } from '../shelf/cautions.js';
import { arrangements, dayOf, type Arrangement, type Trace, type Word } from '../trace/trace.js';
import type { TraceId } from '../trace/ids.js';
import { readPrivateOrder } from '../words/readOrder.js';
import { daysBetween } from '../estimates/axis.js';
import { knowerLevels, statedLevel, type Level, type LevelDistribution } from '../estimates/knowerLevels.js';
import { figure } from '../estimates/parameters.js';
import { orderPriorMean } from '../estimates/priors.js';
import { fadingWeight, proportion } from '../estimates/proportion.js';
import { threshold } from '../estimates/threshold.js';
import { chanceClean, trackingLimit, type TrackingLimit } from '../estimates/trackingLimit.js';
import { cells } from '../estimates/axis.js';
import { groupBy } from '../groupBy.js';
import { observationsOf, principles, thresholdTriesOf, type Principle } from './observations.js';
import { weaknessesOf, type Weakness } from './weaknesses.js';

/** What every statement says of itself. */
interface Grounds {
  /** Probability that it is so. */
  readonly sure: number;
  /** The day from which it has held, YYYY-MM-DD; null where nothing is claimed. */
  readonly since: string | null;
  /** The tries it rests on, in the order given: a screen can open each. */
  readonly tries: readonly TraceId[];
  readonly weakenedBy: readonly Weakness[];
  /** Two days and two kinds of things: may be said without a question mark. */
  readonly firm: boolean;
}

export interface OrderStatement extends Grounds {
  readonly skill: 'order';
  readonly language: string;
  /** How far the words run in the conventional order. */
  readonly conventionalTo: number;
  /** The child's own words after it, always the same; empty: none; null: not known yet. */
  readonly privateOrder: readonly Word[] | null;
  readonly triedTo: number;
}

export interface TrackingStatement extends Grounds {
  readonly skill: 'one-to-one';
  readonly arrangement: Arrangement;
  readonly steadyTo: number;
  /** The next number the child is not yet sure of; null: not tried beyond `triedTo`. */
  readonly reachingFor: number | null;
  readonly triedTo: number;
}

export interface FetchStatement extends Grounds {
  readonly skill: 'fetch';
  /** The level that may be stated; null for none yet. */
  readonly level: Level | null;
  readonly levels: LevelDistribution;
  readonly triedTo: number;
}

export interface PrincipleStatement extends Grounds {
  readonly skill: Principle;
  readonly shown: boolean;
  readonly mean: number;
  /**
   * Of the last-word rule: what makes it cardinality, the grasp that the last word is how many.
   * Null where the rule stands alone, and for the other principles.
   */
  readonly cardinalityBy: 'fetching' | 'keeping' | null;
}

export type Statement = OrderStatement | TrackingStatement | FetchStatement | PrincipleStatement;

export interface StatementOptions {
  /** YYYY-MM-DD, where known: says only where to expect a child before the first try. */
  readonly birthDate?: string | null;
}

const USUAL_PILE = 15;

/**
 * What may be said of a child on a date, each statement for one skill and arrangement, from the tries
 * up to then. Nothing beyond what was tried; time and misses lift nothing.
 *
 * @param tries of one child, in any order
 * @param date YYYY-MM-DD
 */
export function statementsFor(
  tries: readonly Trace[],
  date: string,
  { birthDate = null }: StatementOptions = {},
): readonly Statement[] {
  const upToDate = tries.filter((trace) => dayOf(trace) <= date);
  const months = birthDate === null ? null : ageInMonths(birthDate, date);
  const order = [...groupBy(upToDate, (trace) => trace.language)].flatMap(([language, spoken]) =>
    orderStatement(language, spoken, date, months),
  );
  const tracking = arrangements.flatMap((arrangement) =>
    trackingStatement(
      arrangement,
      upToDate.filter((trace) => trace.set.arrangement === arrangement),
      date,
    ),
  );
  const fetch = fetchStatement(upToDate, date);
  const held = principles.flatMap((principle) => principleStatement(principle, upToDate, date));
  return [...order, ...tracking, ...fetch, ...held.map((one) => withCardinality(one, fetch, held))];
}

const idsOf = (traces: readonly Trace[]): readonly TraceId[] => traces.map((trace) => trace.id);

const isFirm = (weaknesses: readonly Weakness[]): boolean =>
  !weaknesses.includes('one-day') && !weaknesses.includes('one-kind-of-thing');

function orderStatement(
  language: string,
  traces: readonly Trace[],
  date: string,
  months: number | null,
): readonly OrderStatement[] {
  const counts = traces.flatMap((trace) => {
    const order = observationsOf(trace).order;
    return order ? [{ trace, ...order, fade: fadingWeight(daysBetween(dayOf(trace), date)) }] : [];
  });
  if (counts.length === 0) return [];
  const triedTo = Math.max(...counts.map((one) => one.upTo + (one.brokeOff ? 1 : 0)));
  let conventionalTo = triedTo;
  while (conventionalTo > 0 && !reaches(conventionalTo)) conventionalTo--;
  const supports = counts.filter((one) => one.upTo >= conventionalTo && one.weight.success > 0);
  const claims = threshold(
    counts.flatMap((one) => thresholdTriesOf(one, dayOf(one.trace))),
    { priorMean: orderPriorMean(months), claim: figure.statedClaim, day: date },
  );
  const weakenedBy = weaknessesOf(supports.map((one) => one.trace));
  return [
    {
      skill: 'order',
      language,
      conventionalTo,
      privateOrder: readPrivateOrder(
        counts.map((one) => one.words),
        conventionalTo,
      ),
      triedTo,
      sure:
        conventionalTo === 0 ? 0 : claims.supported[Math.min(conventionalTo, claims.supported.length) - 1]!,
      since: conventionalTo === 0 ? null : earliestDay(supports.map((one) => one.trace)),
      tries: idsOf(counts.map((one) => one.trace)),
      weakenedBy,
      firm: isFirm(weakenedBy),
    },
  ];

  /** At least two thirds, by weight, of the tries that say anything of the number reach it. */
  function reaches(n: number): boolean {
    let reached = 0;
    let spoken = 0;
    for (const { upTo, brokeOff, weight, fade } of counts) {
      if (upTo >= n) reached += weight.success * fade;
      if (upTo >= n) spoken += weight.success * fade;
      else if (brokeOff) spoken += weight.miss * fade;
    }
    return reached > 0 && 3 * reached >= 2 * spoken;
  }
}

function trackingStatement(
  arrangement: Arrangement,
  traces: readonly Trace[],
  date: string,
): readonly TrackingStatement[] {
  const counts = traces.flatMap((trace) => {
    const tracking = observationsOf(trace).tracking;
    return tracking ? [{ trace, ...tracking }] : [];
  });
  if (counts.length === 0) return [];
  const limit = trackingLimit(counts, { claim: figure.statedClaim, day: date });
  const triedTo = Math.max(...counts.map((one) => one.n));
  const { steadyTo } = limit;
  const supports = counts.filter((one) => one.success && one.n >= Math.max(1, steadyTo));
  const weakenedBy = weaknessesOf(supports.map((one) => one.trace));
  return [
    {
      skill: 'one-to-one',
      arrangement,
      steadyTo,
      reachingFor: reachingFor(limit, triedTo),
      triedTo,
      sure: steadyTo === 0 ? 0 : limit.supported[steadyTo - 1]!,
      since: limit.since,
      tries: idsOf(counts.map((one) => one.trace)),
      weakenedBy,
      firm: isFirm(weakenedBy),
    },
  ];
}

/** The smallest number above what is steady at which a count goes well less often than is steady. */
function reachingFor({ steadyTo, posterior }: TrackingLimit, triedTo: number): number | null {
  for (let n = steadyTo + 1; n <= triedTo + figure.reach; n++) {
    const mean = posterior.reduce((sum, weight, i) => sum + weight * chanceClean(n, cells[i]!), 0);
    if (mean < figure.steadyChance) return n;
  }
  return null;
}

function fetchStatement(traces: readonly Trace[], date: string): readonly FetchStatement[] {
  const requests = traces.flatMap((trace) => {
    const fetch = observationsOf(trace).fetch;
    return fetch ? [{ trace, ...fetch }] : [];
  });
  if (requests.length === 0) return [];
  const options = { pile: USUAL_PILE, day: date };
  const { level, probability } = statedLevel(requests, options, figure.statedClaim);
  const stated = level === 'CP' ? 5 : Number(level ?? 1);
  const supports = requests.filter((one) => one.given === one.asked && one.asked >= stated);
  const weakenedBy = weaknessesOf(supports.map((one) => one.trace));
  return [
    {
      skill: 'fetch',
      level,
      levels: knowerLevels(requests, options),
      triedTo: Math.max(...requests.map((one) => one.asked)),
      sure: probability,
      since: level === null ? null : earliestDay(supports.map((one) => one.trace)),
      tries: idsOf(requests.map((one) => one.trace)),
      weakenedBy,
      firm: isFirm(weakenedBy),
    },
  ];
}

function principleStatement(
  principle: Principle,
  traces: readonly Trace[],
  date: string,
): readonly PrincipleStatement[] {
  const looks = traces.flatMap((trace) => {
    const look = observationsOf(trace).principles[principle];
    return look ? [{ trace, ...look, day: dayOf(trace) }] : [];
  });
  if (looks.length === 0) return [];
  const { mean, shown } = proportion(looks, date);
  const supports = looks.filter((one) => one.success).map((one) => one.trace);
  const weakenedBy = weaknessesOf(supports);
  return [
    {
      skill: principle,
      shown,
      mean,
      cardinalityBy: null,
      sure: mean,
      since: shown ? earliestDay(supports) : null,
      tries: idsOf(looks.map((one) => one.trace)),
      weakenedBy,
      firm: shown && isFirm(weakenedBy),
    },
  ];
}

/** Repeating the last word is a rule; it is cardinality only where another look agrees. */
function withCardinality(
  statement: PrincipleStatement,
  fetch: readonly FetchStatement[],
  held: readonly PrincipleStatement[],
): PrincipleStatement {
  if (statement.skill !== 'last-word' || !statement.shown) return statement;
  const fetches = fetch.some((one) => one.level === 'CP');
  const keeps = held.some((one) => one.skill === 'conservation' && one.shown);
  return { ...statement, cardinalityBy: fetches ? 'fetching' : keeps ? 'keeping' : null };
}

function earliestDay(traces: readonly Trace[]): string | null {
  return traces.map(dayOf).reduce<string | null>((one, day) => (one === null || day < one ? day : one), null);
}
