import type { DrawnStroke } from '../trace/trace.js';
import { digitForms, digitWidth, type Digit, type FormOf, type Stroke } from './templates.js';

/** Digits as a room has drawn them itself, stroke by stroke. */
export type DrawnForms = Readonly<Partial<Record<Digit, readonly DrawnStroke[]>>>;

/** How a room, or a child, forms each digit: the name of one of its forms, before which goes what it has drawn itself. */
export type NumeralStyle = { readonly [Of in Digit]: FormOf<Of> } & { readonly drawn?: DrawnForms };

/** A style after a change: a form that is chosen by its name takes the place of one that was drawn. */
export function styleAfter<Style extends Partial<NumeralStyle>>(
  before: Style,
  { drawn: drawnNow, ...named }: Partial<NumeralStyle>,
): Style {
  const kept = Object.entries(before.drawn ?? {}).filter(([digit]) => !(digit in named));
  const drawn: DrawnForms = { ...Object.fromEntries(kept), ...drawnNow };
  const { drawn: _, ...others } = before;
  return { ...others, ...named, ...(Object.keys(drawn).length > 0 && { drawn }) } as Style;
}

/** The first of each. */
export const usualStyle: NumeralStyle = {
  0: 'oval',
  1: 'plain',
  2: 'round',
  3: 'round',
  4: 'open',
  5: 'in-one',
  6: 'curved',
  7: 'plain',
  8: 'in-one',
  9: 'in-one',
};

/** The digits that are formed in more than one way, and those ways. */
export const formsOfDigits: readonly { readonly digit: Digit; readonly forms: readonly string[] }[] =
  digitsOf(1234567890)
    .toSorted((a, b) => a - b)
    .map((digit) => ({ digit, forms: Object.keys(digitForms[digit]) }))
    .filter(({ forms }) => forms.length > 1);

/** A digit as it is drawn, and how far from the left, for one that is 1 high. */
export interface PlacedDigit {
  readonly strokes: readonly Stroke[];
  readonly left: number;
}

/** Between two digits, for digits that are 1 high. */
const gap = 0.22;

/** The strokes of a numeral in a style, and how wide it is. A form that is not known is drawn as the usual one. */
export function strokesOf(
  n: number,
  style: NumeralStyle = usualStyle,
): { readonly digits: readonly PlacedDigit[]; readonly width: number } {
  const digits = digitsOf(n).map((digit, i) => ({
    strokes: style.drawn?.[digit] ?? formOf(digit, style[digit]),
    left: i * (digitWidth + gap),
  }));
  return { digits, width: digits.length * (digitWidth + gap) - gap };
}

function formOf(digit: Digit, name: string): readonly Stroke[] {
  const forms: Readonly<Record<string, readonly Stroke[]>> = digitForms[digit];
  return forms[name] ?? forms[usualStyle[digit]]!;
}

/** @throws RangeError for what has no digits, such as a number below nought */
export function digitsOf(n: number): readonly Digit[] {
  if (!(Number.isInteger(n) && n >= 0)) throw new RangeError(`digitsOf: ${n} is no whole number from 0 on`);
  return [...String(n)].map((one) => Number(one) as Digit);
}

/** Whether any digit of it looks otherwise in a mirror. */
export const canFaceRound = (n: number): boolean => digitsOf(n).some((digit) => !mirrorsToItself.has(digit));
const mirrorsToItself: ReadonlySet<Digit> = new Set<Digit>([0, 1, 8]);

/** Whether any digit of it is formed in several strokes in some accepted way. */
export const hasSeveralStrokes = (n: number): boolean =>
  digitsOf(n).some((digit) => Object.values(digitForms[digit]).some((strokes) => strokes.length > 1));
