import { byDay } from './claims.js';
import { figure } from '../common/parameters.js';

/** How many a child can fetch on request: none, one to four, or any number by counting (CP). */
export const levels = ['0', '1', '2', '3', '4', 'CP'] as const;
export type Level = (typeof levels)[number];
export type LevelDistribution = Readonly<Record<Level, number>>;

export interface FetchTry {
  readonly asked: number;
  readonly given: number;
  readonly weight: number;
  /** How many there were to take from, where it was not the usual pile. */
  readonly pile?: number | undefined;
  /** YYYY-MM-DD. */
  readonly day?: string | undefined;
}

export interface KnowerOptions {
  /** How many there are to take from. */
  readonly pile: number;
  /** The day of the statement, YYYY-MM-DD; without it, the day of the last try. */
  readonly day?: string;
  /** Lets levels grow between days: for choosing a request, never for a statement. */
  readonly growing?: boolean;
}

/** The largest number a child of the level is sure to fetch from the pile. */
const reachOf = (level: number, pile: number): number => (level === levels.length - 1 ? pile : level);

const logTables = new Map<string, readonly (readonly number[])[]>();

/** log chance of giving k, by k − 1, for each level, asked for n from a pile. */
function logGiven(asked: number, pile: number): readonly (readonly number[])[] {
  const key = `${asked} ${pile}`;
  const kept = logTables.get(key);
  if (kept) return kept;
  const base = Array.from({ length: pile }, (_, i) => 1 / (i + 1) + (i + 1 === pile ? figure.giveAll : 0));
  const table = levels.map((_, level) => {
    const reach = reachOf(level, pile);
    const weights = base.map((rate, i) => {
      const k = i + 1;
      if (k === asked && asked <= reach) return rate * figure.giveBoost;
      return k <= reach ? rate / figure.giveBoost : rate;
    });
    const total = weights.reduce((sum, weight) => sum + weight, 0);
    return weights.map((weight) => Math.log(weight / total));
  });
  logTables.set(key, table);
  return table;
}

/** Chance of giving k, by k − 1, for each level, asked for n from a pile. */
export function chanceGiven(asked: number, pile: number): readonly (readonly number[])[] {
  return logGiven(asked, pile).map((row) => row.map(Math.exp));
}

/**
 * Which numbers a child can fetch on request: the probability of each knower level (Lee & Sarnecka
 * 2010, a Bayesian reading of Wynn 1990), uniform before the first try, each likelihood to the power
 * of its try's weight. Between days a level may be lost; it grows only where `growing` is set.
 *
 * @param tries asked and given from 1 to the pile; given 0 is no try
 * @returns probabilities with the keys '0' … '4' and 'CP', summing to one
 * @throws RangeError where asked or given is above the pile
 * @example knowerLevels([{ asked: 3, given: 3, weight: 1 }], { pile: 15 })['3']
 */
export function knowerLevels(tries: readonly FetchTry[], options: KnowerOptions): LevelDistribution {
  return filtered(tries, options, logLikelihoodsOf);
}

/** What may be said of a child's fetching. */
export interface StatedLevel {
  /** The largest level that was itself asked for, rightly given, and is probable enough; null for none. */
  readonly level: Level | null;
  /** Probability of that level or a higher one; 0 where none is stated. */
  readonly probability: number;
  /** The same for every level, by its place in `levels`. */
  readonly careful: readonly number[];
}

/**
 * The level that may be stated. A miss never speaks for a level: giving nine for five, which makes a
 * child that knows four likelier than one that knows none, lifts no statement.
 */
export function statedLevel(
  tries: readonly FetchTry[],
  options: KnowerOptions,
  claim = figure.claim,
): StatedLevel {
  const distribution = filtered(tries, options, (one, pile) => {
    const likelihoods = logLikelihoodsOf(one, pile);
    return one.given === one.asked ? likelihoods : fallingFrom(likelihoods);
  });
  const atLeast = (level: number): number =>
    levels.slice(level).reduce((sum, one) => sum + distribution[one], 0);
  const careful = levels.map((_, level) => atLeast(level));
  const fetched = new Set(
    tries.filter((one) => one.weight > 0 && one.given === one.asked).map((one) => one.asked),
  );
  for (let level = levels.length - 1; level >= 1; level--) {
    const wasFetched = level === levels.length - 1 ? [...fetched].some((n) => n > 4) : fetched.has(level);
    if (wasFetched && careful[level]! >= claim)
      return { level: levels[level]!, probability: careful[level]!, careful };
  }
  return { level: null, probability: 0, careful };
}

type LikelihoodsOf = (one: FetchTry, pile: number) => readonly number[];

const logLikelihoodsOf: LikelihoodsOf = ({ asked, given }, pile) =>
  logGiven(asked, pile).map((row) => row[given - 1]!);

/** No level likelier than a lower one. */
function fallingFrom(logLikelihoods: readonly number[]): readonly number[] {
  let least = Infinity;
  return logLikelihoods.map((one) => (least = Math.min(least, one)));
}

function filtered(
  tries: readonly FetchTry[],
  { pile, day, growing = false }: KnowerOptions,
  likelihoodsOf: LikelihoodsOf,
): LevelDistribution {
  for (const one of tries) check(one, one.pile ?? pile);
  let state: readonly number[] = levels.map(() => 1 / levels.length);
  const counted = tries.filter((one) => one.weight > 0 && one.given > 0);
  for (const { daysSince, tries: today } of byDay(counted, day)) {
    state = afterDays(state, daysSince, growing);
    for (const one of today) {
      const likelihoods = likelihoodsOf(one, one.pile ?? pile);
      state = normalised(state.map((weight, i) => weight * Math.exp(one.weight * likelihoods[i]!)));
    }
  }
  return Object.fromEntries(levels.map((level, i) => [level, state[i]!])) as Record<Level, number>;
}

function check({ asked, given, weight }: FetchTry, pile: number): void {
  if (!(asked >= 1 && asked <= pile))
    throw new RangeError(`knowerLevels: asked ${asked} from a pile of ${pile}`);
  if (!(given >= 0 && given <= pile))
    throw new RangeError(`knowerLevels: given ${given} from a pile of ${pile}`);
  if (!(weight >= 0 && weight <= 1)) throw new RangeError(`knowerLevels: weight is ${weight}, not in 0 … 1`);
}

function afterDays(state: readonly number[], days: number, growing: boolean): readonly number[] {
  const down = 1 - (1 - figure.levelDown) ** (days / 7);
  const up = growing ? 1 - (1 - figure.levelUp) ** (days / 7) : 0;
  const last = state.length - 1;
  return state.map((weight, i) => {
    const leaves = (i > 0 ? down : 0) + (i < last ? up : 0);
    const fromAbove = i < last ? down * state[i + 1]! : 0;
    const fromBelow = i > 0 ? up * state[i - 1]! : 0;
    return weight * (1 - leaves) + fromAbove + fromBelow;
  });
}

function normalised(weights: readonly number[]): readonly number[] {
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  return weights.map((weight) => weight / total);
}
