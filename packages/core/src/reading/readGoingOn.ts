import { readPasses } from '../trace/passes.js';
import type { Trace, Word } from '../trace/trace.js';
import { isOfFirstLanguage } from './readStart.js';

export interface GoingOn {
  /** The number it was to go on, or back, from. */
  readonly from: number;
  /** Counted all: began at one again, which is no slip of the order. */
  readonly way: 'went-on' | 'counted-all' | 'another' | 'nothing';
  /** The number was said again before the next word. */
  readonly saidIt: boolean;
}

type Run = Pick<Trace, 'start' | 'direction' | 'target' | 'events'>;

/**
 * Reads a run from a number on or back: it goes well where every word from the next to the target is right, the
 * number said again first or not. On, the run starts with the next word; back, with the number itself.
 */
export function readGoingOn({ start, direction, target, events }: Run): GoingOn {
  const said = readPasses({ events }).read.flatMap((event) => (isOfFirstLanguage(event) ? [event.word] : []));
  const from = direction === 1 ? start - 1 : start;
  const saidIt = said[0] === from;
  const words = saidIt ? said.slice(1) : said;
  const due = wordsFrom(from, direction, target ?? from + direction);
  return { from, saidIt, way: wayOf(said, words, due) };
}

/** The words from the one after a number to the target. */
const wordsFrom = (from: number, direction: 1 | -1, target: number): readonly number[] =>
  Array.from({ length: Math.abs(target - from) }, (_, i) => from + direction * (i + 1));

function wayOf(said: readonly Word[], words: readonly Word[], due: readonly number[]): GoingOn['way'] {
  if (said.length === 0) return 'nothing';
  if (due.every((word, i) => words[i] === word)) return 'went-on';
  return beganAtOne(said) ? 'counted-all' : 'another';
}

/** One, two, …: all over again. */
export const beganAtOne = ([first, second]: readonly Word[]): boolean => first === 1 && second === 2;
