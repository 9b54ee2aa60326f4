import { isNumberWord, type Word } from '../trace/trace.js';

/** From the cheapest explanation of equal cost to the dearest: the order decides between equals. */
export const wordSlipKinds = [
  'skipped',
  'repeated',
  'swapped',
  'replaced',
  'inserted',
  'looped-back',
] as const;
export type WordSlipKind = (typeof wordSlipKinds)[number];

export interface WordSlip {
  readonly kind: WordSlipKind;
  /** Index of the word in the list that was read. */
  readonly at: number;
  /** Skipped: the numbers left out; swapped: both as said; otherwise the word. */
  readonly words: readonly Word[];
  /** The number it came after. */
  readonly after: number;
}

export interface WordsReading {
  /** The last number accounted for before the first slip; one short of the start if there is none. */
  readonly upTo: number;
  readonly cost: number;
  readonly slips: readonly WordSlip[];
}

/** Integer costs of explaining one departure from the count; docs/model.md. */
const COST = {
  skipped: 100,
  skippedFurther: 5,
  repeated: 100,
  swapped: 120,
  replaced: 120,
  replacedByNoNumber: 100,
  inserted: 115,
  insertedNoNumber: 105,
  loopedBack: 130,
} as const;

interface Step {
  readonly kind: WordSlipKind;
  readonly at: number;
  /** Last number accounted for before the slip. */
  readonly after: number;
  readonly earlier: Step | undefined;
}

interface Explanation {
  /** Last number accounted for. */
  readonly upTo: number;
  readonly cost: number;
  readonly slipCount: number;
  readonly lastSlip: Step | undefined;
}

type Layer = Map<number, Explanation>;

/**
 * Explains what was said as the cheapest set of slips against start, start ± 1, …: a shortest path
 * over (words explained so far, last number accounted for). Of equal costs fewest slips win, then
 * the kinds are compared from the first slip on. The child may stop anywhere at no cost.
 *
 * @param words what was said, in order
 * @param start the number the count should begin from
 * @param direction 1 counting on, −1 counting back (every number w is mirrored to 2·start − w)
 * @returns indexes into `words`; O(words × reachable numbers)
 * @example readWords([1, 2, 3, 4, 5, 7, 8], 1, 1) // skipped 6, upTo 5
 */
export function readWords(words: readonly Word[], start: number, direction: 1 | -1): WordsReading {
  const mirror = (word: Word): Word => (direction === -1 && isNumberWord(word) ? 2 * start - word : word);
  const forward = words.map(mirror);
  const best = cheapestExplanation(forward, start);
  const slips = stepsOf(best).map((step) => ({
    kind: step.kind,
    at: step.at,
    words: slipWords(step, forward).map(mirror),
    after: mirror(step.after) as number,
  }));
  return { upTo: slips[0]?.after ?? (mirror(best.upTo) as number), cost: best.cost, slips };
}

function cheapestExplanation(words: readonly Word[], start: number): Explanation {
  const layers: Layer[] = words.map(() => new Map());
  layers.push(new Map());
  const insertedFrom = costOfInsertingTheRest(words);
  layers[0]!.set(start - 1, { upTo: start - 1, cost: 0, slipCount: 0, lastSlip: undefined });
  // Calling all the rest inserted bounds the cost of the best path, so dearer ones need no following.
  let bound = insertedFrom[0]!;
  for (let at = 0; at < words.length; at++) {
    for (const from of layers[at]!.values()) bound = Math.min(bound, from.cost + insertedFrom[at]!);
    for (const from of layers[at]!.values()) {
      if (from.cost <= bound) explainWord(words, at, start, from, layers, bound);
    }
  }
  return [...layers[words.length]!.values()].reduce((one, other) => (isBetter(other, one) ? other : one));
}

function costOfInsertingTheRest(words: readonly Word[]): readonly number[] {
  const costs = [0];
  for (const word of words.toReversed()) {
    costs.push(costs[costs.length - 1]! + (isNumberWord(word) ? COST.inserted : COST.insertedNoNumber));
  }
  return costs.reverse();
}

/** Puts every way to explain `words[at]` after `from` into the layers behind it. */
function explainWord(
  words: readonly Word[],
  at: number,
  start: number,
  from: Explanation,
  layers: readonly Layer[],
  bound: number,
): void {
  const word = words[at]!;
  const p = from.upTo;
  if (word === p + 1) {
    settle(layers[at + 1]!, { ...from, upTo: word });
    return;
  }
  const slip = (kind: WordSlipKind, upTo: number, cost: number, taken = 1): void => {
    if (from.cost + cost > bound) return;
    settle(layers[at + taken]!, {
      upTo,
      cost: from.cost + cost,
      slipCount: from.slipCount + 1,
      lastSlip: { kind, at, after: p, earlier: from.lastSlip },
    });
  };
  if (!isNumberWord(word)) {
    slip('replaced', p + 1, COST.replacedByNoNumber);
    slip('inserted', p, COST.insertedNoNumber);
    return;
  }
  if (word > p + 1) slip('skipped', word, COST.skipped + COST.skippedFurther * (word - p - 2));
  if (word === p && p >= start) slip('repeated', p, COST.repeated);
  if (word === p + 2 && words[at + 1] === p + 1) slip('swapped', p + 2, COST.swapped, 2);
  slip('replaced', p + 1, COST.replaced);
  slip('inserted', p, COST.inserted);
  if (start <= word && word < p) slip('looped-back', word, COST.loopedBack);
}

function settle(layer: Layer, candidate: Explanation): void {
  const present = layer.get(candidate.upTo);
  if (!present || isBetter(candidate, present)) layer.set(candidate.upTo, candidate);
}

function isBetter(one: Explanation, other: Explanation): boolean {
  if (one.cost !== other.cost) return one.cost < other.cost;
  if (one.slipCount !== other.slipCount) return one.slipCount < other.slipCount;
  const kindsOfOne = stepsOf(one);
  const kindsOfOther = stepsOf(other);
  for (let i = 0; i < kindsOfOne.length; i++) {
    const difference =
      wordSlipKinds.indexOf(kindsOfOne[i]!.kind) - wordSlipKinds.indexOf(kindsOfOther[i]!.kind);
    if (difference !== 0) return difference < 0;
  }
  return false;
}

function stepsOf(explanation: Explanation): readonly Step[] {
  const steps: Step[] = [];
  for (let step = explanation.lastSlip; step; step = step.earlier) steps.push(step);
  return steps.reverse();
}

function slipWords(step: Step, words: readonly Word[]): readonly Word[] {
  const word = words[step.at]!;
  switch (step.kind) {
    case 'skipped':
      return Array.from({ length: (word as number) - step.after - 1 }, (_, i) => step.after + 1 + i);
    case 'swapped':
      return [word, words[step.at + 1]!];
    default:
      return [word];
  }
}
