import { numbersFrom } from '../common/numbersFrom.js';
import { settledEvents } from '../trace/settled.js';
import { canFaceRound, hasSeveralStrokes } from '../numerals/style.js';
import type { Bowl, Cards, Recording, Trace, TraySet, Writing } from '../trace/trace.js';
import { carried } from './readCarry.js';

/** What is put or told next: the next of a row or a pattern, the card of a set, what was written at a letter, and so on. */
export type SlotName =
  | 'next'
  | 'card'
  | 'at'
  | 'counted'
  | 'recorded'
  | 'fifth'
  | 'checked'
  | 'kind'
  | 'whole'
  | 'most'
  | 'written'
  | 'start'
  | 'direction'
  | 'order'
  | 'facing'
  | 'digits';

/** One of several things that are put or told, one after the other. */
export interface Slot {
  readonly of: SlotName;
  /** What it is about: the set, the letter, the kind; empty for the next of a row. */
  readonly about: string;
  /** One of these. */
  readonly options: readonly string[];
  /** Null where nothing is right or wrong. */
  readonly wanted: string | null;
}

const leftBlank = 'blank';
const fifths = ['across', 'not-across'] as const;
const checks = ['agreed', 'mended', 'not-checked'] as const;

/** So many more than there are can be told. */
const beyond = 3;
/** Strokes that make a bundle: the last of them lies across. */
const bundle = 5;

/** Which bundle a stroke belongs to, and its place in it, both from 0. */
export const bundleOf = (stroke: number): { readonly bundle: number; readonly place: number } => ({
  bundle: Math.floor(stroke / bundle),
  place: stroke % bundle,
});

const upTo = (n: number): readonly string[] => numbersFrom(0, n).map(String);

/** The letter of a place, from A on. */
export const letterOf = (place: number): string => String.fromCharCode('A'.charCodeAt(0) + place);

/** What is put or told, in its order; null where it has none, or nothing is. */
export function slotsOf({ size, layout }: Pick<TraySet, 'size' | 'layout'>): readonly Slot[] | null {
  const { carry, cards, records, sorted, writing } = layout ?? {};
  if (carry) return carried(carry, carry.shown, size).map((wanted) => next(wanted, [...new Set(carry.unit)]));
  if (cards) return slotsOfCards(cards);
  if (records) return slotsOfRecord(records, size);
  if (writing) return slotsOfWriting(writing);
  return sorted ? slotsOfSorting(sorted) : null;
}

const next = (wanted: string, options: readonly string[]): Slot => ({
  of: 'next',
  about: '',
  options,
  wanted,
});

function slotsOfCards({ kind, n, cards, given = [] }: Cards): readonly Slot[] | null {
  const names = cards.map(String);
  switch (kind) {
    case 'row': {
      const missing = cards.filter((card) => !given.includes(card)).map(String);
      return missing.map((wanted) =>
        next(
          wanted,
          missing.toSorted((a, b) => Number(a) - Number(b)),
        ),
      );
    }
    case 'stair':
      return names.map((wanted) => next(wanted, upTo(n + 1).slice(1)));
    case 'match': {
      const options = names.toSorted((a, b) => Number(a) - Number(b));
      return names.map((wanted) => ({ of: 'card', about: wanted, options, wanted }));
    }
    case 'hunt':
      return names.map((wanted, i) => ({
        of: 'at',
        about: letterOf(i),
        options: [...upTo(n + beyond), leftBlank],
        wanted,
      }));
    default:
      return null;
  }
}

function slotsOfRecord(records: Recording, n: number): readonly Slot[] {
  const numbers = upTo(n + beyond);
  const checked: Slot = { of: 'checked', about: 'checked', options: checks, wanted: null };
  const recorded: Slot = { of: 'recorded', about: 'recorded', options: numbers, wanted: String(n) };
  if (records === 'ring-or-draw')
    return [{ of: 'counted', about: 'counted', options: numbers, wanted: null }, recorded, checked];
  const fifth: Slot = { of: 'fifth', about: 'fifth', options: fifths, wanted: 'across' };
  return [recorded, ...(n >= bundle ? [fifth] : []), checked];
}

/** What an adult can see of a numeral that a child writes. */
const seenOfWriting = {
  written: ['legible', 'another-numeral', 'no-numeral'],
  start: ['at-its-start', 'elsewhere'],
  direction: ['right-way', 'other-way'],
  order: ['strokes-in-order', 'other-order'],
  facing: ['right-way-round', 'mirrored'],
  digits: ['in-order', 'turned-round', 'as-said'],
} as const satisfies Partial<Record<SlotName, readonly [wanted: string, ...others: string[]]>>;
type SeenOfWriting = keyof typeof seenOfWriting;

/** In the air and over a guide it tells how the hand goes, and no more. */
function slotsOfWriting({ n, way, counted }: Writing): readonly Slot[] {
  const isOfHand = way === 'air' || way === 'trace';
  const names: readonly SeenOfWriting[] = [
    ...(isOfHand ? [] : (['written'] as const)),
    'start',
    'direction',
    ...(hasSeveralStrokes(n) ? (['order'] as const) : []),
    ...(isOfHand || !canFaceRound(n) ? [] : (['facing'] as const)),
    ...(n > 9 && !isOfHand ? (['digits'] as const) : []),
  ];
  const count: Slot = { of: 'counted', about: 'counted', options: upTo(n + beyond), wanted: null };
  const seen = names.map((of): Slot => ({
    of,
    about: of,
    options: seenOfWriting[of],
    wanted: seenOfWriting[of][0],
  }));
  return counted ? [count, ...seen] : seen;
}

function slotsOfSorting(sorted: readonly Bowl[]): readonly Slot[] {
  const whole = sorted.reduce((sum, { n }) => sum + n, 0);
  const most = sorted.reduce((one, other) => (other.n > one.n ? other : one));
  const numbers = upTo(whole + beyond);
  return [
    ...sorted.map(({ things, n }): Slot => ({
      of: 'kind',
      about: things,
      options: numbers,
      wanted: String(n),
    })),
    { of: 'whole', about: 'whole', options: numbers, wanted: String(whole) },
    { of: 'checked', about: 'checked', options: checks, wanted: null },
    { of: 'most', about: 'most', options: sorted.map(({ things }) => things), wanted: most.things },
  ];
}

/** How it is taken down what goes where: the option alone, or with what it is about, "B=7". */
export const placeIn = ({ about }: Pick<Slot, 'about'>, option: string): string =>
  about === '' ? option : `${about}=${option}`;

/** What was put, and what it is about: nothing for the next of a row. */
export function placeParts(place: string): { readonly about: string; readonly option: string } {
  const [about, option] = place.split('=') as [string, string?];
  return option === undefined ? { about: '', option: place } : { about, option };
}

/** What was put or told so far, in its order. */
export const putInto = (events: Trace['events']): readonly string[] =>
  settledEvents(events).flatMap((event) => (event.kind === 'put' ? [event.place] : []));

export interface FilledSlot extends Slot {
  /** Null where nothing was. */
  readonly put: string | null;
}

/**
 * What was put or told, by where it goes: what names that goes there, and what was put there last stands; the rest goes to
 * the first that is open.
 */
export function filled(slots: readonly Slot[], places: readonly string[]): readonly FilledSlot[] {
  const put: (string | null)[] = slots.map(() => null);
  for (const place of places) {
    const { about, option } = placeParts(place);
    const named = slots.findIndex((slot) => about !== '' && slot.about === about);
    const at = about === '' ? put.indexOf(null) : named;
    if (at >= 0) put[at] = option;
  }
  return slots.map((slot, i) => ({ ...slot, put: put[i]! }));
}

/**
 * What was put into each of a try’s slots.
 * @returns null where it has none
 */
export function readSlots({ set, events }: Pick<Trace, 'set' | 'events'>): readonly FilledSlot[] | null {
  const slots = slotsOf(set);
  return slots && filled(slots, putInto(events));
}
