import type { OwnTaskBody } from '@dotting/contract';
import { rangeLike, taskOf, tellingSlips, type Schools, type TaskId } from '@dotting/core';
import { noTexts, textsOf } from '@dotting/words';
import { words } from '../wording/all.js';

/** What of a task is written: not whether it is in use. */
export function bodyOf({
  language,
  like,
  ladder,
  minutes,
  only,
  arrangement,
  easier,
  harder,
  pile,
  watchFor,
  beside,
  texts,
}: OwnTaskBody): OwnTaskBody {
  return {
    language,
    like,
    ladder,
    minutes,
    ...(only !== undefined && { only }),
    ...(arrangement !== undefined && { arrangement }),
    ...(easier !== undefined && { easier }),
    ...(harder !== undefined && { harder }),
    ...(pile !== undefined && { pile }),
    watchFor,
    beside,
    texts,
  };
}

/** What a task like this has of itself, but for its words. */
export function factsOf(like: TaskId): Omit<OwnTaskBody, 'language' | 'texts' | 'beside'> {
  const { ladder, minutes, pile, only, watchFor } = taskOf(like);
  const { to } = rangeLike(like);
  return {
    like,
    ladder: ladder.filter((n) => n <= to).slice(0, 12),
    minutes,
    ...(only !== undefined && { only }),
    ...(pile !== undefined && { pile }),
    watchFor: tellingSlips.filter((slip) => watchFor.some((one) => one === slip)),
  };
}

/** One of the shelf, to be changed: with its words, their numbers in braces. */
export const copyOf = (like: TaskId, schools: Schools): OwnTaskBody => ({
  ...factsOf(like),
  language: words.language,
  beside: [],
  texts: textsOf(words, like, schools),
});

/** Nothing but how it goes. */
export const blank = (): OwnTaskBody => ({
  ...factsOf('count-row'),
  language: words.language,
  beside: [],
  texts: noTexts,
});
