import type { InkPoint, InkStroke } from '../trace/trace.js';

/** A numeral that was written, to be kept in a file or taken from one. */
export interface InkDocument {
  /** '0' to '99'. */
  readonly numeral: string;
  /** ISO 8601 with offset; null where the file does not say. */
  readonly writtenAt: string | null;
  /** The id of its try; null where the file does not say. */
  readonly id: string | null;
  readonly strokes: readonly InkStroke[];
}

const isPressed = (strokes: readonly InkStroke[]): boolean =>
  strokes.every((stroke) => stroke.every(({ p }) => p !== undefined));

/**
 * One numeral as W3C InkML (Recommendation of 20 September 2011): a trace for each stroke. X and Y are in thousandths of the
 * space between the writing lines, Y down from the upper one; T is in ms from the beginning; F, where there is one, the pressure.
 */
export function inkMlOf({ numeral, writtenAt, id, strokes }: InkDocument): string {
  const withForce = strokes.length > 0 && isPressed(strokes);
  const channel = (name: string, rest: string): string => `        <channel name="${name}" ${rest}/>`;
  const annotation = (type: string, value: string | null): readonly string[] =>
    value === null ? [] : [`  <annotation type="${type}">${value}</annotation>`];
  const point = ({ x, y, t, p }: InkPoint): string => [x, y, t, ...(withForce ? [p] : [])].join(' ');
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    '<ink xmlns="http://www.w3.org/2003/InkML">',
    ...annotation('numeral', numeral),
    ...annotation('writtenAt', writtenAt),
    ...annotation('try', id),
    '  <definitions>',
    '    <context xml:id="page">',
    '      <inkSource xml:id="pen">',
    '      <traceFormat>',
    channel('X', 'type="decimal"'),
    channel('Y', 'type="decimal"'),
    channel('T', 'type="decimal" units="ms"'),
    ...(withForce ? [channel('F', 'type="decimal" min="0" max="1"')] : []),
    '      </traceFormat>',
    '      </inkSource>',
    '    </context>',
    '  </definitions>',
    ...strokes.map((stroke) => `  <trace contextRef="#page">${stroke.map(point).join(', ')}</trace>`),
    '</ink>',
    '',
  ].join('\n');
}

/** What keeps a trace from being read, and where: the point within it, from 1. */
export interface InkFlaw {
  readonly kind: 'no-channel' | 'no-points' | 'not-a-number' | 'values' | 'time';
  readonly point: number;
}

/** Where a trace does not tell the time: a point so many ms after the one before. */
const usualGap = 10;
/** From one stroke to the next, where no time is told. */
export const usualPause = 300;

/**
 * The points of one InkML trace: explicit values, and first and second differences (section 3.2.1), points parted by commas.
 *
 * @param channels names in the order of the trace format; T may be missing, and then its points are evenly timed
 * @param from ms at which an untimed trace begins
 */
export function pointsOfTrace(
  text: string,
  channels: readonly string[],
  from: number,
): { readonly points: InkStroke } | { readonly flaw: InkFlaw } {
  const at = (name: string): number => channels.indexOf(name);
  if (at('X') < 0 || at('Y') < 0) return { flaw: { kind: 'no-channel', point: 1 } };
  const rows = text.trim() === '' ? [] : text.trim().replace(/,$/, '').split(',');
  if (rows.length === 0) return { flaw: { kind: 'no-points', point: 1 } };
  const values = channels.map(() => new ChannelValues());
  const points: InkPoint[] = [];
  for (const [i, row] of rows.entries()) {
    const words = row.match(/['"!]?\s*[^\s'"!]+/g) ?? [];
    const flaw = (kind: InkFlaw['kind']) => ({ flaw: { kind, point: i + 1 } });
    if (words.length !== channels.length) return flaw('values');
    const read = words.map((word, k) => values[k]!.next(word));
    if (read.some((value) => !Number.isFinite(value))) return flaw('not-a-number');
    const t = at('T') < 0 ? from + i * usualGap : read[at('T')]!;
    if (t < (points.at(-1)?.t ?? 0)) return flaw('time');
    const force = at('F') < 0 ? undefined : read[at('F')]!;
    const isForce = force !== undefined && force >= 0 && force <= 1;
    points.push({ x: read[at('X')]!, y: read[at('Y')]!, t, ...(isForce && { p: force }) });
  }
  return { points };
}

/** The values of a channel, one after the other: each as it is, or by how much it, or its change, differs from the one before. */
class ChannelValues {
  private as: 'value' | 'change' | 'change-of-change' = 'value';
  private value = 0;
  private change = 0;

  next(word: string): number {
    const [, sign, number] = /^(['"!])?\s*(.+)$/.exec(word) ?? [];
    if (sign === '!') this.as = 'value';
    if (sign === "'") this.as = 'change';
    if (sign === '"') this.as = 'change-of-change';
    const read = Number(number);
    const before = this.value;
    if (this.as === 'value') this.value = read;
    else {
      this.change = this.as === 'change' ? read : this.change + read;
      this.value += this.change;
    }
    if (this.as === 'value') this.change = this.value - before;
    return this.value;
  }
}
