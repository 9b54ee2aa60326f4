import { settledEvents } from '../trace/settled.js';
import type { Trace } from '../trace/trace.js';

export interface PartsReading {
  /** The whole that was taken apart. */
  readonly n: number;
  /** The first part of each way found, in the order in which they were found, each once. */
  readonly found: readonly number[];
  /** The first parts of the ways that were not. */
  readonly missing: readonly number[];
  /** How often a way was told again. */
  readonly again: number;
  /** How often two parts were told that do not make the whole. */
  readonly otherNumbers: number;
  /** Of an even number: two equal parts were among the ways found; null for an odd one. */
  readonly double: boolean | null;
  /** One part rose as the other fell, all along; null where they came in no order, or were fewer than three. */
  readonly inOrder: 'rising' | 'falling' | null;
}

/** Told as parts that do not make the whole. */
export const otherParts = 'other';

/** The name of a way to take n apart, by its first part: "2+3". */
export const wayOf = (n: number, first: number): string => `${first}+${n - first}`;

/** All the ways to take n apart, none-and-n among them: n + 1. */
export const waysOf = (n: number): readonly string[] =>
  Array.from({ length: n + 1 }, (_, first) => wayOf(n, first));

/**
 * Reads which ways were found to make n from two kinds.
 * @returns null where nothing was to be taken apart
 */
export function readParts({ set, events }: Pick<Trace, 'set' | 'events'>): PartsReading | null {
  if (!set.layout?.parts) return null;
  const n = set.size;
  const ways = waysOf(n);
  const told = settledEvents(events).flatMap((event) => (event.kind === 'put' ? [event.place] : []));
  const firsts = told.map((way) => ways.indexOf(way)).filter((first) => first >= 0);
  const found = [...new Set(firsts)];
  const steps = found.slice(1).map((first, i) => first - found[i]!);
  const isAll = (by: number): boolean => steps.length >= 2 && steps.every((step) => step === by);
  return {
    n,
    found,
    missing: ways.map((_, first) => first).filter((first) => !found.includes(first)),
    again: firsts.length - found.length,
    otherNumbers: told.length - firsts.length,
    double: n % 2 === 0 ? found.includes(n / 2) : null,
    inOrder: isAll(1) ? 'rising' : isAll(-1) ? 'falling' : null,
  };
}

/** Only none-and-n is missing: an empty part was not taken for one. */
export const leftNoneOut = ({ n, missing }: Pick<PartsReading, 'n' | 'missing'>): boolean =>
  missing.length > 0 && missing.every((first) => first === 0 || first === n);
