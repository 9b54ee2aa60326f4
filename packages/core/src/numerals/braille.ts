import { digitsOf } from './style.js';

/** The codes in which numerals are brailled: the letters a to j after the number sign, or the lowered cells of the maths code. */
export type BrailleCode = 'literary' | 'maths';

/** U+2800: a cell without dots; each dot is a bit, dot 1 the lowest (the Unicode Standard, Braille Patterns). */
const blank = 0x2800;
const allDots = [1, 2, 3, 4, 5, 6] as const;

/** A cell from its raised dots, 1 to 3 down the left and 4 to 6 down the right. */
export const cellOf = (dots: readonly number[]): string =>
  String.fromCharCode(dots.reduce((cell, dot) => cell | (1 << (dot - 1)), blank));

/** A cell of six dots, with at least one of them raised. */
export const isCell = (text: string): boolean =>
  text.length === 1 && text.charCodeAt(0) > blank && text.charCodeAt(0) < blank + 64;

/** The raised dots of a cell. @throws RangeError for what is no cell of six dots */
export function dotsIn(cell: string): readonly number[] {
  const bits = cell.charCodeAt(0) - blank;
  if (!(cell.length === 1 && bits >= 0 && bits < 64))
    throw new RangeError(`dotsIn: “${cell}” is no cell of six dots`);
  return allDots.filter((dot) => (bits & (1 << (dot - 1))) !== 0);
}

/** Before a numeral, in both codes. */
export const numberSign = cellOf([3, 4, 5, 6]);

/** The cells of 0 to 9: the letters j and a to i. */
const letters = [
  [2, 4, 5],
  [1],
  [1, 2],
  [1, 4],
  [1, 4, 5],
  [1, 5],
  [1, 2, 4],
  [1, 2, 4, 5],
  [1, 2, 5],
  [2, 4],
];
/** The same a row lower: dots 1, 2, 4 and 5 become 2, 3, 5 and 6. */
const lowered = letters.map((dots) => dots.map((dot) => dot + 1));

const cellsOf: Readonly<Record<BrailleCode, readonly string[]>> = {
  literary: letters.map(cellOf),
  maths: lowered.map(cellOf),
};

/**
 * A numeral in cells, the number sign first.
 *
 * @example brailleOf(12, 'literary') // "⠼⠁⠃"
 */
export const brailleOf = (n: number, code: BrailleCode): string =>
  numberSign +
  digitsOf(n)
    .map((digit) => cellsOf[code][digit]!)
    .join('');

/** A cell with left and right changed over. */
export const mirroredCell = (cell: string): string =>
  cellOf(dotsIn(cell).map((dot) => (dot > 3 ? dot - 3 : dot + 3)));

/** The cell of the same digit in the other code; null where it is none. */
export function inOtherCode(cell: string, code: BrailleCode): string | null {
  const digit = cellsOf[code].indexOf(cell);
  return digit < 0 ? null : cellsOf[code === 'literary' ? 'maths' : 'literary'][digit]!;
}
