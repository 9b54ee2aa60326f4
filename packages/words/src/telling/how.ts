import type { HowWorkedOut } from '@dotting/core';
import type { Words } from '../words.js';
import { listOf } from './list.js';

/** How a child works sums out: the usual way, or each with how often. */
export function tellHow(words: Words, { seen, of, isUsual }: HowWorkedOut): string {
  const { how } = words.statements;
  const [first] = seen;
  if (isUsual && first) return how.usual({ way: how.ways[first.way](), n: first.times, of });
  const ways = seen.map(({ way, times }) => how.times({ way: how.ways[way](), n: times }));
  return how.mixed({ ways: listOf(words, ways), of });
}
