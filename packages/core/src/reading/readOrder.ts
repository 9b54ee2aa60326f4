import type { Word } from '../trace/trace.js';
import { readWords } from './readWords.js';

export interface OrderReading {
  /** How far the conventional order holds in at least two thirds of the tries. */
  readonly conventionalTo: number;
  /** The child's own stable continuation; empty: none; null: too few tries to know. */
  readonly privateOrder: readonly Word[] | null;
}

const atLeastTwoThirds = (part: number, whole: number): boolean => 3 * part >= 2 * whole;

/**
 * Splits a child's number-word sequence into its conventional part and a stable but private part
 * (Fuson 1988).
 *
 * @param tries the words of each read pass, of counts from 1 forward in one language; a leading 0 is dropped
 * @example readOrder([[1, 2, 3, 5, 6], [1, 2, 3, 5, 6]]) // { conventionalTo: 3, privateOrder: [5, 6] }
 */
export function readOrder(tries: readonly (readonly Word[])[]): OrderReading {
  const conventionalTo = sharedReach(tries.map(withoutZero));
  return { conventionalTo, privateOrder: readPrivateOrder(tries, conventionalTo) };
}

/** What a child always says after the conventional part: empty for nothing of its own, null: not known. */
export function readPrivateOrder(
  tries: readonly (readonly Word[])[],
  conventionalTo: number,
): readonly Word[] | null {
  if (tries.length < 2) return null;
  const chain = habitsFrom(conventionalTo, tries.map(withoutZero));
  return chain.some((word, i) => word !== conventionalTo + 1 + i) ? chain : [];
}

const withoutZero = (words: readonly Word[]): readonly Word[] => (words[0] === 0 ? words.slice(1) : words);

function sharedReach(counts: readonly (readonly Word[])[]): number {
  const reaches = counts.map((words) => readWords(words, 1, 1).upTo).sort((a, b) => b - a);
  return reaches.find((_, i) => atLeastTwoThirds(i + 1, counts.length)) ?? 0;
}

/** Follows what the child says next, word by word, as long as it does so steadily. */
function habitsFrom(conventionalTo: number, counts: readonly (readonly Word[])[]): readonly Word[] {
  const chain: Word[] = [];
  const isKnown = (word: Word): boolean =>
    chain.includes(word) || (typeof word === 'number' && word >= 1 && word <= conventionalTo);
  for (;;) {
    const next = usualNext(chain.at(-1) ?? conventionalTo, counts);
    if (next === undefined || isKnown(next)) return chain;
    chain.push(next);
  }
}

/** What followed `word` (0: the beginning) in two tries or more and in two thirds of those that went on. */
function usualNext(word: Word, counts: readonly (readonly Word[])[]): Word | undefined {
  const followers = counts.flatMap((words) => {
    const next = word === 0 ? words[0] : words[words.indexOf(word) + 1];
    return next === undefined || (word !== 0 && !words.includes(word)) ? [] : [next];
  });
  return followers.find((follower) => {
    const times = followers.filter((other) => other === follower).length;
    return times >= 2 && atLeastTwoThirds(times, followers.length);
  });
}
