import { figure } from '../common/parameters.js';
import { daysBetween } from './axis.js';
import type { NumeralSkill } from '../skills/map.js';
import { numerals } from '../numerals/lookAlikes.js';

/** How a numeral was met: read in one way or another; or written, on its own or from a model, formed, and faced. */
export type NumeralBy = 'named' | 'found' | 'felt' | 'by-the-way' | 'written' | 'copied' | 'formed' | 'faced';

/** What one try tells of a numeral. */
export interface NumeralTry {
  readonly n: number;
  readonly by: NumeralBy;
  readonly success: boolean;
  /** Of how many it was found, or as good as; null where it was named. */
  readonly choices: number | null;
  /** The numeral that was said, or taken, in its place. */
  readonly instead: number | null;
  readonly weight: number;
  /** YYYY-MM-DD. */
  readonly day: string;
}

const seen: readonly NumeralBy[] = ['named', 'found', 'by-the-way'];
/** Of what each skill speaks: what is felt says nothing of what is seen, nor how a numeral is formed whether it can be read. */
const speaking: Readonly<Record<NumeralSkill, readonly NumeralBy[]>> = {
  'name-numeral': seen,
  'find-numeral': seen,
  'touch-numeral': ['felt'],
  'write-numeral': ['written', 'copied'],
  'form-numeral': ['formed'],
  'face-numeral': ['faced'],
};
export const speaksOf =
  (skill: NumeralSkill) =>
  ({ by }: Pick<NumeralTry, 'by'>): boolean =>
    speaking[skill].includes(by);

const logOdds = (p: number): number => Math.log(p / (1 - p));
const chanceOf = (odds: number): number => 1 / (1 + Math.exp(-odds));

/** How much likelier a try is where the numeral is learned than where it is not, as a logarithm. */
function tells({ success, choices }: Pick<NumeralTry, 'success' | 'choices'>): number {
  const guess = choices === null ? figure.numeralGuess : 1 / choices;
  const slip = figure.numeralSlip;
  return success ? Math.log((1 - slip) / guess) : Math.log(slip / (1 - guess));
}

/** What a try says of a numeral: of its own, and, less, of the one that was said in its place; 0 for nothing. */
function toldOf(n: number, one: NumeralTry): number {
  if (one.n === n) return one.weight * tells(one);
  return one.instead === n ? one.weight * Math.log(figure.numeralInstead) : 0;
}

/**
 * How probable it is that each numeral from 0 to 20 is learned, by n, from what was seen alone: older tries say less, and
 * time lifts nothing.
 *
 * @param date YYYY-MM-DD; tries after it are counted in full
 */
export function numeralsLearned(tries: readonly NumeralTry[], date: string): readonly number[] {
  const faded = tries.map((one) => ({
    ...one,
    weight: one.weight * 0.5 ** (daysBetween(one.day, date) / (7 * figure.likelyHalfLife)),
  }));
  return numerals.map((n) =>
    chanceOf(faded.reduce((sum, one) => sum + toldOf(n, one), logOdds(figure.numeralStart))),
  );
}

/**
 * The same for the choice of a question: between days what was not learned may be learned, and what was may be lost. A filter
 * with two states for each numeral, after Corbett & Anderson 1995.
 */
export function numeralsExpected(tries: readonly NumeralTry[], date: string): readonly number[] {
  const inOrder = tries.toSorted((a, b) => (a.day < b.day ? -1 : a.day > b.day ? 1 : 0));
  return numerals.map((n) => {
    let p = figure.numeralStart;
    let day = inOrder[0]?.day ?? date;
    for (const one of inOrder) {
      p = afterWeeks(p, daysBetween(day, one.day) / 7);
      day = one.day;
      p = chanceOf(logOdds(p) + toldOf(n, one));
    }
    return afterWeeks(p, daysBetween(day, date) / 7);
  });
}

function afterWeeks(p: number, weeks: number): number {
  const { numeralLearning: learning, numeralForgetting: forgetting } = figure;
  const inTheEnd = learning / (learning + forgetting);
  return inTheEnd + (p - inTheEnd) * (1 - learning - forgetting) ** weeks;
}

/** Chance that a numeral is named, where it is so probable that it is learned. */
export const chanceOfNaming = (learned: number): number =>
  learned * (1 - figure.numeralSlip) + (1 - learned) * figure.numeralGuess;
