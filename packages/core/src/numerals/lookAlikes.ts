import { numbersFrom } from '../common/numbersFrom.js';

/** As far as numerals are asked. */
export const largestNumeral = 20;
export const numerals: readonly number[] = numbersFrom(0, largestNumeral);

/** Numerals that children take for one another: alike in form, turned round, or alike in sound. */
const pairs: readonly (readonly [number, number])[] = [
  [6, 9],
  [2, 5],
  [3, 8],
  [1, 7],
  [12, 21],
  [13, 31],
  [14, 40],
  [13, 30],
  [15, 50],
  [12, 20],
];

/** What a numeral is usually taken for, the commonest first. */
export const lookAlikesOf = (n: number): readonly number[] =>
  pairs.flatMap(([one, other]) => (one === n ? [other] : other === n ? [one] : []));

/** The same digits in the other order: 21 for 12. */
export const isTurnedRound = (shown: number, said: number): boolean =>
  shown !== said && shown > 9 && String(said) === [...String(shown)].toReversed().join('');

/** Said one by one, instead of the name of the numeral: “one seven” for 17. */
export const digitByDigit = 'digit-by-digit';
