import { readNumeral, type NumeralInk } from '../ink/readNumeral.js';
import { usualStyle } from '../numerals/style.js';
import type { InkStroke, Writing } from '../trace/trace.js';

/** What of a writing tells how its strokes are to be read. */
type HowWritten = Pick<Writing, 'hand' | 'eitherWayRound' | 'drawn'>;

/** Readings by their first stroke: the same strokes are read once. */
const kept = new WeakMap<InkStroke, { readonly key: string; readonly ink: NumeralInk }>();

const keyOf = (strokes: readonly InkStroke[], wanted: number): string =>
  `${wanted} ${strokes.length} ${strokes.reduce((sum, stroke) => sum + stroke.length, 0)}`;

/** Reads strokes as a numeral that was to be written; the same strokes once. */
export function readInk(strokes: readonly InkStroke[], wanted: number, writing: HowWritten): NumeralInk {
  const first = strokes[0]!;
  const known = kept.get(first);
  if (known?.key === keyOf(strokes, wanted)) return known.ink;
  const ink = readNumeral(strokes, inkOptions(wanted, writing));
  rememberInk(strokes, wanted, ink);
  return ink;
}

/** How strokes are to be read, by what was to be written. */
export const inkOptions = (wanted: number, { hand, eitherWayRound, drawn }: HowWritten) => ({
  intended: String(wanted),
  house: { ...usualStyle, ...(drawn && { drawn }), clockwiseNought: eitherWayRound === true },
  ...(hand && { hand }),
});

/** What a worker has read of strokes need not be read again where they are shown. */
export function rememberInk(strokes: readonly InkStroke[], wanted: number, ink: NumeralInk): void {
  const [first] = strokes;
  if (first) kept.set(first, { key: keyOf(strokes, wanted), ink });
}
