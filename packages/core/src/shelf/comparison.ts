import { pick, type Random } from '../common/random.js';
import type { ComparedSet, Comparison, Relation, Trap } from '../trace/trace.js';
import { counterOf, type Counter } from './counters.js';

/** How sets are made for a task: what is asked of them, and what is made to differ. */
export interface ComparisonWish {
  readonly relation: Relation;
  /** The number of the largest set. */
  readonly n: number;
  readonly things: string;
  /** Kinds that may be laid for the child. */
  readonly kinds: readonly string[];
  /** Kinds that the room has added. */
  readonly own?: readonly Counter[];
  /** What differs; each on either side by lot, so that it agrees with the number in half of the pairs. */
  readonly differ: readonly Trap[];
  /** One of the sets may be empty. */
  readonly mayBeEmpty?: true;
  /** Only their numerals are shown. */
  readonly onCards?: true;
}

/** Things of a row lie so much apart at the least, from middle to middle. (widths of a thing) */
const closest = 1.15;
/** The longer of two rows, and the wider of two grounds, against the other. (times) */
const plainlyLonger = 1.5;
const plainlyWider = 1.8;
/** Ground that a thing takes where it is spread, with room about it. (squares of its width) */
const groundOfThing = 2.2;
/** So deep may a ground be on a table. (mm) */
const deepest = 220;
/** One pair in so many has an empty set, where one may be. */
const emptyOneIn = 8;
/** Of pairs that may be the same, so many are. (share) */
const same = 0.5;
/** A near pair is so much alike: 6 and 8, 4 and 5. (ratio of the smaller to the larger) */
export const nearRatio = 0.7;

/**
 * Sets to be compared: number, length, size of the things, spread and side each drawn by a lot of its own, near and
 * far numbers by turns. What cannot be, such as a long row of one, is laid as it can.
 */
export function comparisonFor(wish: ComparisonWish, random: Random): Comparison {
  const { relation, differ } = wish;
  const ns = numbersFor(wish, random);
  if (wish.onCards) return { relation, lie: 'cards', sets: ns.map((n) => cardOf(n, wish.things)) };
  const kinds = kindsFor(wish, ns.length, random);
  // Sides are drawn whether they are used or not: the same seed lays the same numbers for every task.
  const [longest, widest] = [pick(random, [...ns.keys()]), pick(random, [...ns.keys()])];
  const isSpread = differ.includes('spread') && Math.min(...ns) > 1 && random() < 0.5;
  const base = ns.map((n, i) => rowOf(n, counterOf(kinds[i]!, wish.own)));
  const lengths = stretched(base, differ.includes('length') ? longest : null, isSpread);
  const rows = base.map((set, i) => ({ ...set, length: tens(lengths[i]!) }));
  const sets = isSpread ? spreadOut(rows, widest) : rows;
  return { relation, lie: isSpread ? 'spread' : 'rows', sets };
}

const cardOf = (n: number, things: string): ComparedSet => ({ n, things, length: 0, depth: 0, across: 0 });

/** The numbers, the largest anywhere. */
function numbersFor({ relation, n, mayBeEmpty }: ComparisonWish, random: Random): readonly number[] {
  const isThree = relation === 'most' || relation === 'least';
  const isSame = relation === 'same' && random() < same;
  const isNear = random() < 0.5;
  const isEmpty = mayBeEmpty === true && random() * emptyOneIn < 1;
  const fewer = isSame ? n : isEmpty ? 0 : fewerThan(n, isNear, random);
  const ns = isThree ? [n, fewer, fewerThan(fewer, true, random)] : [n, fewer];
  const first = Math.floor(random() * ns.length);
  return [...ns.slice(first), ...ns.slice(0, first)];
}

/** Near: just fewer. Far: about half. */
function fewerThan(n: number, isNear: boolean, random: Random): number {
  const far = Math.max(0, Math.round(n * (0.35 + 0.25 * random())));
  const near = Math.max(n - 1 - (n >= 8 && random() < 0.5 ? 1 : 0), Math.ceil(n * nearRatio));
  return Math.max(n > 1 ? 1 : 0, Math.min(n - 1, isNear ? near : far));
}

/** One kind for all, or, where size differs, small things against large. */
function kindsFor(
  { things, kinds, own, differ }: ComparisonWish,
  count: number,
  random: Random,
): readonly string[] {
  const across = (kind: string): number => counterOf(kind, own).across;
  const ofSize = [...new Set([things, ...kinds])].toSorted((a, b) => across(a) - across(b));
  const [small, large] = [ofSize[0]!, ofSize.at(-1)!];
  const big = Math.floor(random() * count);
  const isOfTwoSizes = differ.includes('size') && across(large) > 1.4 * across(small);
  return Array.from({ length: count }, (_, i) => (!isOfTwoSizes ? things : i === big ? large : small));
}

function rowOf(n: number, { id: things, across }: Counter): ComparedSet {
  if (n === 0) return { n, things, length: 0, depth: 0, across: 0 };
  return { n, things, across, depth: across, length: n === 1 ? across : across * (1 + closest * (n - 1)) };
}

/** Lengths: the one chosen plainly the longest, the others as short as they can be; all alike where none is chosen. */
function stretched(
  sets: readonly ComparedSet[],
  longest: number | null,
  isSpread: boolean,
): readonly number[] {
  const least = sets.map(({ n, length, across }) =>
    isSpread ? Math.max(2.2 * across, 1.8 * across * Math.sqrt(n)) : length,
  );
  const most = Math.max(...least);
  if (longest === null) return sets.map(({ n }, i) => (n < 2 ? least[i]! : most));
  const others = Math.max(...least.filter((_, i) => i !== longest));
  return least.map((length, i) =>
    i === longest && sets[i]!.n > 1 ? Math.max(length, plainlyLonger * others) : length,
  );
}

/** Each over a ground of its own, the one chosen plainly the widest. */
function spreadOut(sets: readonly ComparedSet[], widest: number): readonly ComparedSet[] {
  const least = sets.map(({ n, across, length }) =>
    Math.max(groundOfThing * n * across ** 2, 1.4 * across * length),
  );
  const others = Math.max(...least.filter((_, i) => i !== widest));
  return sets.map((set, i) => {
    const ground = i === widest ? Math.max(least[i]!, plainlyWider * others) : least[i]!;
    return { ...set, depth: Math.min(deepest, tens(ground / set.length)) };
  });
}

const tens = (mm: number): number => 10 * Math.round(mm / 10);
