import { counterOf, type Things } from '@dotting/core';
import type { Words } from '../words.js';

/** @throws RangeError for a kind that is not on the shelf */
const of = (words: Words, things: string) => words.things[counterOf(things).id as Things];

/** "corks". */
export const thingsWords = (words: Words, things: string): string => of(words, things).many();

/** "1 cork", "8 corks", "no corks". */
export const amountOf = (words: Words, n: number, things: string): string => of(words, things).amount({ n });
