import { chanceOfNaming, numeralsExpected, type NumeralTry } from '../estimates/numerals.js';
import { figure } from '../common/parameters.js';
import { numerals } from '../numerals/lookAlikes.js';
import { entropyOf, type AskingModel } from './model.js';

/** Of numerals, each by itself: how probably it is named, and what asking for it tells. */
export function numeralModel(tries: readonly NumeralTry[], day: string): AskingModel {
  const learned = numeralsExpected(tries, day);
  const open = entropyOf(1 - figure.numeralSlip);
  const guessed = entropyOf(figure.numeralGuess);
  return {
    chanceAt: (n) => chanceOfNaming(learned[n] ?? 0),
    informationAt: (n) => {
      const p = learned[n] ?? 0;
      return entropyOf(chanceOfNaming(p)) - p * open - (1 - p) * guessed;
    },
    isKnown: numerals.every((n) => learned[n]! >= figure.numeralKnown),
  };
}

/** Larger numerals wait until most of the smaller ones are probably learned: the first ten before the teens. */
const bands: readonly (readonly [from: number, to: number])[] = [
  [0, 5],
  [6, 10],
  [11, 20],
];

/** Nought comes after the first few: it is read later than they are. */
const inOrder: readonly number[] = numerals.toSorted((a, b) => (a || 5.5) - (b || 5.5));

/** The numerals to ask for, as far as the child has come. */
export function numeralsInReach(tries: readonly NumeralTry[], day: string): readonly number[] {
  const learned = numeralsExpected(tries, day);
  let reached = 0;
  while (reached < bands.length - 1 && isMostlyLearned(bands[reached]!, learned)) reached++;
  return inOrder.filter((n) => n <= bands[reached]![1]);
}

function isMostlyLearned([from, to]: readonly [number, number], learned: readonly number[]): boolean {
  const band = learned.slice(from, to + 1);
  return band.filter((one) => one >= figure.numeralLikely).length >= figure.numeralsBefore * band.length;
}
