import type { NumeralStyle } from '../numerals/style.js';
import type { Part } from './library.js';
import type { DigitInk } from './readDigit.js';
import { readOne, readTwo, type Accepted, type DigitOrder, type Read } from './readTwo.js';
import { boxOf, extentOf, type Box, type InkStroke } from './stroke.js';
import { smoothnessOf } from './smoothness.js';

/** What was meant, how the room forms numerals, and which hand wrote. */
export interface NumeralOptions {
  /** '0' to '99'. */
  readonly intended?: string;
  readonly house?: NumeralStyle & { readonly clockwiseNought?: boolean };
  readonly hand?: 'left' | 'right';
}

/** What is written, and how it came about. */
export interface NumeralInk {
  readonly legibleAs: {
    /** A numeral, or “letter”, “shape” or “scribble”. */
    readonly numeral: string;
    readonly confidence: number;
    readonly runnerUp: string | null;
  };
  /** As the intended one; turned left to right it still is, on its head it is not. */
  readonly legible: boolean;
  readonly startOk: boolean | null;
  readonly directionOk: boolean | null;
  readonly orderOk: boolean | null;
  readonly lifts: { readonly extra: number; readonly missing: number };
  readonly mirrored: boolean;
  /** A six that is a nine, or a nine that is a six. */
  readonly turned: boolean;
  readonly closedOk: boolean | null;
  readonly missing: readonly Part[];
  /** Of two digits; null for one. */
  readonly digitOrder: DigitOrder | null;
  /** In the unit of the strokes. */
  readonly size: Pick<Box, 'width' | 'height'>;
  /** Where its top and its foot are, in the same unit: against the lines where their places are known. */
  readonly place: { readonly top: number; readonly bottom: number };
  /** 1 for an even line, near 0 for one that shakes at every point. */
  readonly smoothness: number;
  /** Which accepted way it is formed in, digit by digit from the left. */
  readonly family: readonly (string | null)[];
  readonly digits: readonly DigitInk[];
  /** False: the adult looks herself. */
  readonly sure: boolean;
}

/**
 * Reads a numeral from its strokes: what is written, and how the hand got there.
 *
 * @param strokes in the order in which they were drawn; y down, any unit, ms
 * @throws RangeError where what is intended is no numeral from 0 to 99
 */
export function readNumeral(strokes: readonly InkStroke[], options: NumeralOptions = {}): NumeralInk {
  const { intended } = options;
  if (intended !== undefined && !/^\d{1,2}$/.test(intended))
    throw new RangeError(`readNumeral: “${intended}” is no numeral from 0 to 99`);
  const drawn = strokes.filter((stroke) => stroke.length > 0);
  const accepted: Accepted = {
    clockwiseNought: options.hand === 'left' && options.house?.clockwiseNought === true,
    drawn: options.house?.drawn,
  };
  const read =
    intended?.length === 2 ? readTwo(drawn, intended, accepted) : readOne(drawn, intended, accepted);
  return told(read, drawn, intended);
}

const isNumeral = (written: string): boolean => /^\d$/.test(written);
const both = (values: readonly (boolean | null)[]): boolean | null => {
  const judged = values.filter((one) => one !== null);
  return judged.length === 0 ? null : judged.every(Boolean);
};

function told(
  { digits, order }: Read,
  strokes: readonly InkStroke[],
  intended: string | undefined,
): NumeralInk {
  const numerals = digits.map(({ written }) => written);
  const numeral = numerals.every(isNumeral) ? numerals.join('') : numerals.find((one) => !isNumeral(one))!;
  const box = boxOf(strokes.flat());
  const turned = (intended === '6' && numeral === '9') || (intended === '9' && numeral === '6');
  return {
    legibleAs: {
      numeral,
      confidence: Math.min(...digits.map((one) => one.confidence)),
      runnerUp: digits.length === 1 ? digits[0]!.runnerUp : null,
    },
    legible: numeral === intended && digits.every(({ missing }) => missing.length === 0),
    startOk: both(digits.map((one) => one.startOk)),
    directionOk: both(digits.map((one) => one.directionOk)),
    orderOk: both(digits.map((one) => one.orderOk)),
    lifts: {
      extra: digits.reduce((sum, { lifts }) => sum + lifts.extra, 0),
      missing: digits.reduce((sum, { lifts }) => sum + lifts.missing, 0),
    },
    mirrored: digits.some((one) => one.isMirrored),
    turned,
    closedOk: both(digits.map((one) => one.closedOk)),
    missing: digits.flatMap((one) => one.missing),
    digitOrder: order,
    size: { width: box.width, height: box.height },
    place: { top: box.top, bottom: box.top + box.height },
    smoothness: smoothnessOf(strokes, extentOf(box)),
    family: digits.map((one) => one.family),
    digits,
    sure: digits.every((one) => one.sure),
  };
}
