import type { NumeralStyle } from '../numerals/style.js';
import type { Part } from './library.js';
import { readDigit, type DigitInk, type DigitOptions } from './readDigit.js';
import { boxOf, extentOf, type Box, type InkStroke } from './stroke.js';
import { smoothnessOf } from './smoothness.js';

/** What was meant, how the room forms numerals, and which hand wrote. */
export interface NumeralOptions {
  /** '0' to '99'. */
  readonly intended?: string;
  readonly house?: NumeralStyle & { readonly clockwiseNought?: boolean };
  readonly hand?: 'left' | 'right';
}

export type DigitOrder = 'right' | 'reversed' | 'right-first' | 'expanded';

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
  readonly size: Pick<Box, 'width' | 'height'>;
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

/** What the room accepts beside the usual. */
type Accepted = Pick<DigitOptions, 'clockwiseNought' | 'drawn'>;

interface Read {
  /** From the left. */
  readonly digits: readonly DigitInk[];
  readonly order: DigitOrder | null;
}

const readOne = (strokes: readonly InkStroke[], intended: string | undefined, accepted: Accepted): Read => ({
  digits: [readDigit(strokes, { ...(intended !== undefined && { intended }), ...accepted })],
  order: null,
});

/** What a two-digit numeral may have become: the digits from the left. */
const become = (
  intended: string,
): readonly (readonly [order: 'right' | 'reversed' | 'expanded', digits: string])[] => [
  ['right', intended],
  ...(intended[0] === intended[1] ? [] : [['reversed', `${intended[1]}${intended[0]}`] as const]),
  // 107 for 17.
  ...(intended[1] === '0' ? [] : [['expanded', `${intended[0]}0${intended[1]}`] as const]),
];

/** What the strokes stand for as a whole: the likeliest way of parting them. */
function readTwo(strokes: readonly InkStroke[], intended: string, accepted: Accepted): Read {
  const meant = [
    ...new Set(
      become(intended)
        .map(([, digits]) => digits)
        .join(''),
    ),
  ].join('');
  const read = onceEach(strokes, (group) => readDigit(group, { intended: meant, ...accepted }));
  const parted = become(intended).flatMap(([order, wanted]) =>
    plainly(partings(strokes, wanted.length)).map((groups) => {
      const digits = groups.map(read);
      const right = digits.filter(({ written }, i) => written === wanted[i]).length / wanted.length;
      const apart = apartness(groups);
      const faults = digits.reduce(
        (sum, { confidence, lifts, isMirrored, missing }) =>
          sum + (1 - confidence) + 0.2 * lifts.extra + 0.3 * (isMirrored ? 1 : 0) + 0.5 * missing.length,
        0,
      );
      return { order, digits, groups, worth: 3 * right + apart - faults - (order === 'right' ? 0 : 0.25) };
    }),
  );
  const [best] = parted.sort((a, b) => b.worth - a.worth);
  if (!best) return readOne(strokes, intended, accepted);
  const [first, second] = best.groups.map((group) => group[0]![0]!.t);
  const isRightFirst = best.order === 'right' && second! < first!;
  return { digits: best.digits, order: isRightFirst ? 'right-first' : best.order };
}

/** The same strokes are read once. */
function onceEach(
  strokes: readonly InkStroke[],
  read: (group: readonly InkStroke[]) => DigitInk,
): (group: readonly InkStroke[]) => DigitInk {
  const kept = new Map<string, DigitInk>();
  return (group) => {
    const key = group.map((stroke) => strokes.indexOf(stroke)).join(' ');
    const known = kept.get(key) ?? read(group);
    kept.set(key, known);
    return known;
  };
}

/** The strokes parted from left to right into so many groups, by where their middles are. */
function partings(
  strokes: readonly InkStroke[],
  count: number,
): readonly (readonly (readonly InkStroke[])[])[] {
  const middleOf = (stroke: InkStroke): number => {
    const { left, width } = boxOf(stroke);
    return left + width / 2;
  };
  const ordered = strokes.toSorted((a, b) => middleOf(a) - middleOf(b));
  const asDrawn = (group: readonly InkStroke[]): readonly InkStroke[] =>
    strokes.filter((stroke) => group.includes(stroke));
  if (ordered.length < count) return [];
  const cuts =
    count === 2
      ? ordered.slice(1).map((_, i) => [i + 1])
      : ordered.slice(1).flatMap((_, i) => ordered.slice(i + 2).map((__, j) => [i + 1, i + 2 + j]));
  return cuts
    .slice(0, mostPartings)
    .map((cut) => [0, ...cut].map((from, i) => asDrawn(ordered.slice(from, cut[i] ?? ordered.length))));
}
const mostPartings = 15;

/** Of ways of parting them those that leave about as wide a gap as the widest does. */
function plainly<Groups extends readonly (readonly InkStroke[])[]>(
  parted: readonly Groups[],
): readonly Groups[] {
  const widest = Math.max(...parted.map(apartness));
  return parted.filter((groups) => apartness(groups) >= widest - asWide);
}
const asWide = 0.45;

/** Between digits there is a gap: how much of one, in heights, between neighbours. */
function apartness(groups: readonly (readonly InkStroke[])[]): number {
  const boxes = groups.map((group) => boxOf(group.flat()));
  const height = Math.max(...boxes.map((box) => box.height), 1);
  const gaps = boxes.slice(1).map((box, i) => (box.left - boxes[i]!.left - boxes[i]!.width) / height);
  return Math.max(-0.8, Math.min(0.5, Math.min(...gaps)));
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
    smoothness: smoothnessOf(strokes, extentOf(box)),
    family: digits.map((one) => one.family),
    digits,
    sure: digits.every((one) => one.sure),
  };
}
