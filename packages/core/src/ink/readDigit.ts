import type { DrawnForms } from '../numerals/style.js';
import { loopsClosed } from './closed.js';
import { explain, type Explanation } from './explain.js';
import type { Part } from './library.js';
import { distance, type InkStroke, type Point } from './stroke.js';
import { tidied } from './tidy.js';

/** How one digit came about. */
export interface DigitInk {
  readonly written: string;
  readonly runnerUp: string | null;
  /** Between that and the next likeliest reading; 1 where there is no other. */
  readonly confidence: number;
  readonly family: string | null;
  readonly startOk: boolean | null;
  readonly directionOk: boolean | null;
  /** By stroke, as they were drawn, without those that are no part of it. */
  readonly strokes: readonly { readonly directionOk: boolean }[];
  readonly orderOk: boolean | null;
  readonly lifts: { readonly extra: number; readonly missing: number };
  readonly isMirrored: boolean;
  readonly closedOk: boolean | null;
  readonly missing: readonly Part[];
  readonly sure: boolean;
}

/** So far from where the form begins the pen may come down. (heights) */
const startOff = 0.27;
/** A shape that is off by more is no numeral that we know. */
const noShape = 0.034;
/** One that is off by more is for the adult to look at. */
const doubtfulShape = 0.024;
/** How much nearer one reading has to be than the next. (cost) */
const nearly = 0.0035;

/** How readings that cost so much more fall away. (cost) */
const fallsAway = 0.004;

/** A left hand may go round a nought clockwise where the room says so. */
export interface DigitOptions {
  readonly intended?: string;
  readonly clockwiseNought?: boolean;
  /** Digits as the room has drawn them itself. */
  readonly drawn?: DrawnForms | undefined;
}

const unread: DigitInk = {
  written: 'scribble',
  runnerUp: null,
  confidence: 0,
  family: null,
  startOk: null,
  directionOk: null,
  strokes: [],
  orderOk: null,
  lifts: { extra: 0, missing: 0 },
  isMirrored: false,
  closedOk: null,
  missing: [],
  sure: false,
};

/** More strokes than a child takes for a digit are a scribble. */
const mostStrokes = 7;

/** Reads the ink of one digit: what is written, and how it came about as the nearest accepted form has it. */
export function readDigit(
  ink: readonly InkStroke[],
  { intended, clockwiseNought, drawn }: DigitOptions,
): DigitInk {
  const { strokes } = tidied(ink);
  if (strokes.length === 0 || strokes.length > mostStrokes) return unread;
  const [best, ...others] = explain(strokes, intended, drawn);
  if (!best) return unread;
  const other = others.find(({ form }) => form.written !== best.form.written);
  const lead = other ? other.cost - best.cost : Infinity;
  const confidence = 1 / (1 + Math.exp(-lead / fallsAway));
  if (best.shape > noShape) return { ...unread, sure: best.shape > 1.4 * noShape, confidence };
  const isFine = best.form.written !== 'letter' && best.form.written !== 'shape';
  return {
    ...(isFine ? formationOf(best, clockwiseNought ?? false) : unread),
    written: best.form.written,
    runnerUp: other?.form.written ?? null,
    confidence,
    sure: best.shape <= doubtfulShape && lead >= nearly,
  };
}

function formationOf(
  best: Explanation,
  clockwiseNought: boolean,
): Omit<DigitInk, 'written' | 'runnerUp' | 'confidence' | 'sure'> {
  const { form, isReversed, order, laid, onStroke } = best;
  const orderOk =
    form.strokes.length > 1 ? onStroke.every((one, i) => i === 0 || one >= onStroke[i - 1]!) : true;
  const isAllowed = clockwiseNought && form.written === '0';
  const strokes = isReversed.map((turned) => ({ directionOk: isAllowed || !turned }));
  return {
    family: form.family,
    startOk: orderOk ? distance(laid[0]![0]!, startOf(best)) <= startOff : null,
    directionOk: strokes.every((one) => one.directionOk),
    strokes,
    orderOk,
    lifts: { extra: best.extraLifts, missing: form.joined },
    isMirrored: best.isMirrored,
    closedOk: loopsClosed(
      form.isBegunElsewhere ? (onItsHead[form.written] ?? form.written) : form.written,
      order.map((i) => (isReversed[i] ? laid[i]!.toReversed() : laid[i]!)),
    ),
    missing: form.missing,
  };
}

/** What a digit is that was written the wrong way up: its loop ends as that one’s does. */
const onItsHead: Readonly<Record<string, string>> = { 6: '9', 9: '6' };

/** Where the form begins. */
function startOf({ form, isMirrored }: Explanation): Point {
  const { x, y } = form.start;
  return isMirrored ? { x: -x, y } : { x, y };
}
