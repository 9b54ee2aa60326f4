import type { Random } from '../common/random.js';
import { chancesUnder, type Hypothesis } from '../comparing/rules.js';
import { choicesOf } from '../reading/choicesOfSets.js';
import type { Comparison } from '../trace/trace.js';

/** The name of the set that a child takes who goes by a rule, a lapse now and then included. */
export function takenOf(comparison: Comparison, goesBy: Hypothesis, random: Random): string {
  let left = random();
  const place = chancesUnder(goesBy, comparison).findIndex((p) => (left -= p) < 0);
  return choicesOf(comparison).at(place)!;
}
