import { isCounter } from '@dotting/core';
import type { FirstWords, NamedThings } from '../words.js';

const named = (words: FirstWords, things: string): NamedThings | undefined => words.own?.things.get(things);

/** What is not on the shelf, and was named in a room that whoever asks has nothing to do with, is things. */
const shipped = (words: FirstWords, things: string) => words.things[isCounter(things) ? things : 'anything'];

/** "corks". */
export const thingsWords = (words: FirstWords, things: string): string =>
  named(words, things)?.many ?? shipped(words, things).many();

/** "1 cork", "8 corks", "no corks". */
export function amountOf(words: FirstWords, n: number, things: string): string {
  const own = named(words, things);
  return own ? words.things.ofOwn({ n, ...own }) : shipped(words, things).amount({ n });
}

/** How to look after them; null where there is nothing to say. */
export function careOf(words: FirstWords, things: string): string | null {
  const own = named(words, things);
  if (own) return own.care || null;
  const of = shipped(words, things);
  return 'care' in of ? of.care() : null;
}
