import type { Comparison } from '../trace/trace.js';
import { comparingRule, type ComparedPair, type ComparingRuleReading } from './comparingRule.js';
import { chancesUnder } from './rules.js';

/**
 * Which of some pairs tells most of the rule a child goes by: it sets the leading two apart, and, while neither leads
 * by much, the others too.
 *
 * @param candidates what could be laid, at least one
 * @param pairs what was laid so far, oldest first
 * @returns the place of the best among the candidates, the first of equals
 */
export function tellingPair(candidates: readonly Comparison[], pairs: readonly ComparedPair[]): number {
  const { hypotheses } = comparingRule(pairs);
  const worth = candidates.map((comparison) => informationOf(comparison, hypotheses));
  return worth.reduce((best, one, i) => (one > worth[best]! + 1e-9 ? i : best), 0);
}

/** Expected information about the rule from a choice between the sets, in nats. */
function informationOf(comparison: Comparison, hypotheses: ComparingRuleReading['hypotheses']): number {
  const chances = hypotheses.map(({ hypothesis }) => chancesUnder(hypothesis, comparison));
  const mean = chances[0]!.map((_, choice) =>
    hypotheses.reduce((sum, { share }, i) => sum + share * chances[i]![choice]!, 0),
  );
  const entropy = (of: readonly number[]): number =>
    of.reduce((sum, p) => (p > 0 ? sum - p * Math.log(p) : sum), 0);
  return entropy(mean) - hypotheses.reduce((sum, { share }, i) => sum + share * entropy(chances[i]!), 0);
}
