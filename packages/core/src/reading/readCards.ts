import { settledEvents } from '../trace/settled.js';
import type { CardKind, Trace, Word } from '../trace/trace.js';
import { putInto, readSlots } from './slots.js';

/** A numeral that was named, found among others, or read by touch. */
export interface NumeralReading {
  readonly kind: 'named' | 'found' | 'felt';
  readonly n: number;
  /** What was said, or taken; null for nothing. */
  readonly said: Word | null;
  /** Null where nothing was. */
  readonly right: boolean | null;
  /** How many there were to find it among; null where it was named. */
  readonly choices: number | null;
}

/**
 * Reads the numeral that was named or found: the last answer stands.
 * @returns null where none was to be
 */
export function readNamed({ set, events }: Pick<Trace, 'set' | 'events'>): NumeralReading | null {
  const { cards } = set.layout ?? {};
  if (cards?.kind !== 'name' && cards?.kind !== 'find' && cards?.kind !== 'feel') return null;
  const answer = settledEvents(events).findLast((event) => event.kind === 'answer' && event.value !== null);
  const said = answer?.kind === 'answer' ? answer.value : null;
  const kind = ({ name: 'named', find: 'found', feel: 'felt' } as const)[cards.kind];
  return {
    kind,
    n: cards.n,
    said,
    right: said === null ? null : said === cards.n,
    choices: kind === 'found' ? cards.cards.length : null,
  };
}

/** Of all cards with a number: which were taken. */
export interface AllReading {
  readonly n: number;
  /** How many were to be found, and how many of them were. */
  readonly of: number;
  readonly found: number;
  /** The numbers of those that were taken though they have another. */
  readonly wrong: readonly number[];
  /** Null where nothing was taken. */
  readonly right: boolean | null;
}

/**
 * Reads which cards were taken where all of a number were to be found.
 * @returns null where none were
 */
export function readAll({ set, events }: Pick<Trace, 'set' | 'events'>): AllReading | null {
  const { cards } = set.layout ?? {};
  if (cards?.kind !== 'find-all' && cards?.kind !== 'find-pictures') return null;
  const taken = [...new Set(putInto(events))].flatMap((place) => cards.cards[Number(place)] ?? []);
  const of = cards.cards.filter((card) => card === cards.n).length;
  const found = taken.filter((card) => card === cards.n).length;
  const wrong = taken.filter((card) => card !== cards.n);
  const right = found === of && wrong.length === 0;
  return { n: cards.n, of, found, wrong, right: taken.length === 0 ? null : right };
}

/** Cards or towers put in a row, or each with its set, or numbers written at each letter. */
export interface PlacedReading {
  readonly kind: PlacedKind;
  readonly n: number;
  /** Each place: what it is about, what was wanted, and what was put; null for nothing. */
  readonly places: readonly {
    readonly about: string;
    readonly wanted: string;
    readonly put: string | null;
  }[];
  /** How many came as they should, from the first on. */
  readonly rightTo: number;
  /** Null where nothing was put, or fewer than were wanted and all of those right. */
  readonly right: boolean | null;
}

const placedKinds = ['row', 'match', 'hunt', 'stair'] as const satisfies readonly CardKind[];
type PlacedKind = (typeof placedKinds)[number];

/**
 * Reads where cards, towers or numbers were put.
 * @returns null where none were to be
 */
export function readPlaced(trace: Pick<Trace, 'set' | 'events'>): PlacedReading | null {
  const { cards } = trace.set.layout ?? {};
  const kind = placedKinds.find((one) => one === cards?.kind);
  if (!cards || !kind) return null;
  const places = readSlots(trace)!.map(({ about, wanted, put }) => ({ about, wanted: wanted!, put }));
  const wrong = places.findIndex(({ put, wanted }) => put !== null && put !== wanted);
  const open = places.findIndex(({ put }) => put === null);
  const isAll = open < 0 && places.length > 0;
  return {
    kind,
    n: cards.n,
    places,
    rightTo: [wrong, open]
      .filter((one) => one >= 0)
      .reduce((one, other) => Math.min(one, other), places.length),
    right: wrong >= 0 ? false : isAll ? true : null,
  };
}
