import { figure } from '../common/parameters.js';
import { nearRatio } from '../shelf/comparison.js';
import type { Comparison, ComparedSet, Trap } from '../trace/trace.js';
import { alike, asksForFewer, measureOf } from '../reading/standsOut.js';
import type { Chosen } from '../reading/readComparing.js';

/** What a child may go by who is asked which has more, or fewer. */
export const comparingRules = [
  'number',
  'length',
  'size',
  'spread',
  'side',
  'guesses',
  'fewer-for-more',
  'mixed',
] as const;
export type ComparingRule = (typeof comparingRules)[number];

/** A rule with what it leaves open: which side, which trap, how often. */
export type Hypothesis =
  | { readonly rule: 'number' | 'guesses' | 'fewer-for-more' | Trap }
  | { readonly rule: 'side'; readonly last: boolean }
  | { readonly rule: 'mixed'; readonly trap: Trap; readonly rate: number };

const cueOf: Record<'number' | Trap, (set: ComparedSet) => number> = {
  ...measureOf,
  number: ({ n }) => n,
};

/**
 * How likely each choice is under a hypothesis, the lapse included: the sets from the left, then, where it may be
 * said, that they are the same. Sums to one.
 */
export function chancesUnder(hypothesis: Hypothesis, comparison: Comparison): readonly number[] {
  const ideal = idealUnder(hypothesis, comparison);
  const lapse = figure.comparingLapse;
  return ideal.map((p) => (1 - lapse) * p + lapse / ideal.length);
}

/** Which choice a hypothesis takes, the lapse aside: its place; null where it takes none before another. */
export function takenUnder(hypothesis: Hypothesis, comparison: Comparison): number | null {
  const place = idealUnder(hypothesis, comparison).findIndex((p) => p > 0.5);
  return place < 0 ? null : place;
}

/** The place of a choice among the chances. */
export const placeOf = (chosen: Chosen, { sets }: Comparison): number =>
  chosen === 'as-many' ? sets.length : chosen;

function idealUnder(hypothesis: Hypothesis, comparison: Comparison): readonly number[] {
  const isFewer = asksForFewer(comparison.relation);
  const count = comparison.sets.length + (comparison.relation === 'same' ? 1 : 0);
  switch (hypothesis.rule) {
    case 'guesses':
      return Array.from({ length: count }, () => 1 / count);
    case 'side': {
      const place = hypothesis.last ? comparison.sets.length - 1 : 0;
      return Array.from({ length: count }, (_, i) => (i === place ? 1 : 0));
    }
    case 'fewer-for-more':
      return byCue('number', comparison, false);
    case 'mixed': {
      const [trap, number] = [
        byCue(hypothesis.trap, comparison, isFewer),
        byCue('number', comparison, isFewer),
      ];
      return number.map((p, i) => hypothesis.rate * trap[i]! + (1 - hypothesis.rate) * p);
    }
    default:
      return byCue(hypothesis.rule, comparison, isFewer);
  }
}

/** All on the set that has most of it, or least; shared where several look the same, or said to be the same. */
function byCue(by: 'number' | Trap, comparison: Comparison, isFewer: boolean): readonly number[] {
  const { sets, relation } = comparison;
  const cues = sets.map(cueOf[by]);
  const sought = isFewer ? Math.min(...cues) : Math.max(...cues);
  const like = by === 'number' ? 1 : alike;
  const isSought = cues.map((cue) => (isFewer ? cue <= sought * like : cue * like >= sought));
  const found = isSought.filter(Boolean).length;
  if (relation === 'same') {
    const isSame = found === sets.length;
    return [...isSought.map((is) => (isSame || !is ? 0 : 1 / found)), isSame ? 1 : 0];
  }
  const taken = by === 'number' && found < sets.length && isNear(cues) ? figure.comparingNear : 1;
  return isSought.map((is) => (is ? taken / found : (1 - taken) / (sets.length - found)));
}

/** Numbers so near each other are mistaken now and then by a child who goes by them. */
function isNear(ns: readonly number[]): boolean {
  const [most, next] = ns.toSorted((a, b) => b - a);
  return next! > nearRatio * most!;
}
