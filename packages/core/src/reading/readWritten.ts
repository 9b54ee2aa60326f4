import type { NumeralInk } from '../ink/readNumeral.js';
import type { InkStroke, Trace, Writing, WritingWay } from '../trace/trace.js';
import { settledEvents } from '../trace/settled.js';
import { readInk } from './readInk.js';
import { readSlots, type SlotName } from './slots.js';

/** Slips of a numeral that is written; none of them is told as more than it is. */
export type InkSlip =
  | 'wrote-another'
  | 'faced-round'
  | 'began-elsewhere'
  | 'went-the-other-way'
  | 'strokes-out-of-order'
  | 'digits-turned-round'
  | 'wrote-it-as-said';

/** How a numeral stands between its lines otherwise than in its place. */
export type LineFault = 'small' | 'large' | 'above' | 'below';

/** A numeral as it was written: by its strokes, or as an adult saw it. Null is what nobody can say. */
export interface WrittenReading {
  readonly n: number;
  readonly way: WritingWay;
  readonly by: 'strokes' | 'eye';
  /** The number that it was to be: of a count the one that the child came to. */
  readonly wanted: number;
  /** What it is read as: a numeral, or “letter”, “shape” or “scribble”. */
  readonly as: string | null;
  /** As what it was to be; turned left to right it still is. */
  readonly legible: boolean | null;
  readonly startOk: boolean | null;
  readonly directionOk: boolean | null;
  readonly orderOk: boolean | null;
  readonly mirrored: boolean | null;
  readonly digitOrder: NumeralInk['digitOrder'];
  /** How it stands between the lines; none where there were none to be seen, or it stands well. */
  readonly onTheLines: readonly LineFault[];
  /** What its strokes say besides; null where it was seen by eye, or they leave it open. */
  readonly ink: NumeralInk | null;
  readonly slips: readonly InkSlip[];
}

type Written = Pick<Trace, 'set' | 'events'>;

/** The strokes of a try, without those that were taken back. */
export const strokesOfTry = (events: Trace['events']): readonly InkStroke[] =>
  settledEvents(events).flatMap((event) => (event.kind === 'stroke' ? [event.points] : []));

/** The number that is to be written: of a count the one that the child came to; null where none is. */
export function wantedOf(trace: Written): number | null {
  const { writing } = trace.set.layout ?? {};
  const counted = readSlots(trace)?.find(({ of }) => of === 'counted')?.put ?? null;
  if (!writing) return null;
  // What was put down for a count need be no number that can be written.
  return counted !== null && /^\d{1,2}$/.test(counted) ? Number(counted) : writing.n;
}

const kept = new WeakMap<Written, WrittenReading | null>();

/**
 * Reads how a numeral was written. What an adult has seen goes before what the strokes say; where the strokes leave it open
 * nothing is said.
 *
 * @returns null where none was to be written, or nothing was
 */
export function readWritten(trace: Written): WrittenReading | null {
  const known = kept.get(trace);
  if (known !== undefined) return known;
  const reading = read(trace);
  kept.set(trace, reading);
  return reading;
}

function read({ set, events }: Written): WrittenReading | null {
  const { writing } = set.layout ?? {};
  if (!writing) return null;
  const slots = readSlots({ set, events }) ?? [];
  const seen = (of: SlotName): string | null => slots.find((slot) => slot.of === of)?.put ?? null;
  const isSo = (of: SlotName): boolean | null => {
    const slot = slots.find((one) => one.of === of);
    return slot?.put === undefined || slot.put === null ? null : slot.put === slot.wanted;
  };
  const strokes = strokesOfTry(events);
  const isSeen = slots.some(({ of, put }) => of !== 'counted' && put !== null);
  if (strokes.length === 0 && !isSeen) return null;
  const wanted = wantedOf({ set, events })!;
  const ink = inkOf(strokes, wanted, writing);
  const isTold = { digits: ink?.digitOrder ?? null, as: ink?.legibleAs.numeral ?? null };
  const written = isSo('written');
  const facing = isSo('facing');
  const reading = {
    n: writing.n,
    way: writing.way,
    by: strokes.length === 0 ? ('eye' as const) : ('strokes' as const),
    wanted,
    as: written === true ? String(wanted) : written === false ? null : isTold.as,
    legible: writing.way === 'trace' || writing.way === 'air' ? null : (written ?? ink?.legible ?? null),
    startOk: isSo('start') ?? ink?.startOk ?? null,
    directionOk: isSo('direction') ?? ink?.directionOk ?? null,
    orderOk: isSo('order') ?? ink?.orderOk ?? null,
    mirrored: facing === null ? (ink?.mirrored ?? null) : !facing,
    digitOrder: digitsSeen(seen('digits')) ?? isTold.digits,
    onTheLines: ink && writing.ruled && writing.way !== 'air' ? linesOf(ink) : [],
    ink,
  };
  return { ...reading, slips: slipsOf(reading) };
}

/** What the strokes say of a numeral; null where there are none, or they leave it open. */
function inkOf(strokes: readonly InkStroke[], wanted: number, writing: Writing): NumeralInk | null {
  if (strokes.length === 0) return null;
  const ink = readInk(strokes, wanted, writing);
  return ink.sure ? ink : null;
}

/** In shares of the space between the lines: so small, so large, and so far off the lower line it is told. */
const lines = { small: 0.5, large: 1.5, off: 0.3 } as const;
const space = 1000;

function linesOf({ size, place }: NumeralInk): readonly LineFault[] {
  const [high, off] = [size.height / space, place.bottom / space - 1];
  return [
    ...(high < lines.small ? (['small'] as const) : high > lines.large ? (['large'] as const) : []),
    ...(off > lines.off ? (['below'] as const) : off < -lines.off ? (['above'] as const) : []),
  ];
}

const digitsSeen = (seen: string | null): NumeralInk['digitOrder'] =>
  seen === null ? null : (({ 'in-order': 'right', 'turned-round': 'reversed' } as const)[seen] ?? 'expanded');

function slipsOf({
  legible,
  startOk,
  directionOk,
  orderOk,
  mirrored,
  digitOrder,
}: Omit<WrittenReading, 'slips'>): readonly InkSlip[] {
  const isSpelled = digitOrder === 'expanded' || digitOrder === 'reversed';
  return [
    ...(digitOrder === 'reversed' ? (['digits-turned-round'] as const) : []),
    ...(digitOrder === 'expanded' ? (['wrote-it-as-said'] as const) : []),
    ...(legible === false && !isSpelled ? (['wrote-another'] as const) : []),
    ...(mirrored === true ? (['faced-round'] as const) : []),
    ...(startOk === false ? (['began-elsewhere'] as const) : []),
    ...(directionOk === false ? (['went-the-other-way'] as const) : []),
    ...(orderOk === false ? (['strokes-out-of-order'] as const) : []),
  ];
}
