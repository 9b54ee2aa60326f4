import { daysBetween } from '../estimates/axis.js';
import { figure } from '../common/parameters.js';
import { comparedPairs, type PairOfTry } from '../comparing/comparedPairs.js';
import { comparingRule } from '../comparing/comparingRule.js';
import { placeOf, takenUnder, type ComparingRule, type Hypothesis } from '../comparing/rules.js';
import type { TraceId } from '../trace/ids.js';
import { dayOf, traps, type Trace, type Trap } from '../trace/trace.js';

/** What a child goes by who is asked which set has more or fewer, as far as it is clear. */
export interface HowCompared {
  /** Null while it is not clear. */
  readonly rule: ComparingRule | null;
  /** Of a child that goes now by number and now by something else: by what. */
  readonly trap: Trap | null;
  /** Of a side: which. */
  readonly isLast: boolean;
  /** How often it took what the rule takes, of the pairs that tell the rule from going by number. */
  readonly took: number;
  readonly of: number;
  /** How many pairs there were in all. */
  readonly pairs: number;
  /** Those that tell, newest first. */
  readonly tries: readonly TraceId[];
}

/**
 * What a child goes by when it compares: by number, by length, by size, by spread, a side, by luck, “fewer” taken for
 * “more”, or now one and now another; with the pairs that show it.
 *
 * @param traces of the child, in any order
 * @param date YYYY-MM-DD
 * @returns null where no sets were compared in the last weeks
 */
export function howCompared(traces: readonly Trace[], date: string): HowCompared | null {
  const pairs = comparedPairs(
    traces.filter((trace) => {
      const day = dayOf(trace);
      return day <= date && daysBetween(day, date) <= 7 * figure.askingWeeks;
    }),
  );
  if (pairs.length === 0) return null;
  const { named, trap, hypotheses } = comparingRule(pairs);
  const isLast = hypotheses.some(({ hypothesis, share }) => isOfLast(hypothesis) && share >= 0.5);
  const telling = named === null ? pairs : pairs.filter((pair) => tells(named, trap, pair));
  const taken = named === null ? [] : telling.filter((pair) => isTaken(named, trap, isLast, pair));
  return {
    rule: named,
    trap,
    isLast,
    took: taken.length,
    of: telling.length,
    pairs: pairs.length,
    tries: telling.map((pair) => pair.trace).toReversed(),
  };
}

const isOfLast = (hypothesis: Hypothesis): boolean => hypothesis.rule === 'side' && hypothesis.last;

/** The sets that a rule and the number take differ; for the number, some other rule takes another. */
function tells(rule: ComparingRule, trap: Trap | null, { comparison }: PairOfTry): boolean {
  const byNumber = takenUnder({ rule: 'number' }, comparison);
  const differs = (other: Hypothesis): boolean => {
    const taken = takenUnder(other, comparison);
    return taken !== null && byNumber !== null && taken !== byNumber;
  };
  switch (rule) {
    case 'guesses':
    case 'side':
      return true;
    case 'number':
      return traps.some((one) => differs({ rule: one }));
    case 'mixed':
      return trap === null ? traps.some((one) => differs({ rule: one })) : differs({ rule: trap });
    default:
      return differs({ rule });
  }
}

function isTaken(rule: ComparingRule, trap: Trap | null, isLast: boolean, pair: PairOfTry): boolean {
  const { comparison, chosen, right } = pair;
  const place = placeOf(chosen, comparison);
  switch (rule) {
    case 'guesses':
    case 'number':
      return right;
    case 'side':
      return place === (isLast ? comparison.sets.length - 1 : 0);
    case 'mixed':
      return trap === null ? !right : place === takenUnder({ rule: trap }, comparison);
    default:
      return place === takenUnder({ rule }, comparison);
  }
}
