import { figure } from '../common/parameters.js';
import { layoutFor, type Around } from '../shelf/layout.js';
import type { TaskEntry } from '../shelf/task.js';
import { tellingPair } from './tellingPair.js';
import type { ComparedPair } from './comparingRule.js';

/**
 * The seed by which sets are laid that tell most of the rule a child goes by, among a few that follow the one drawn.
 *
 * @param seed drawn for the try; kept where the task compares nothing
 * @param pairs what the child was asked so far, oldest first
 */
export function tellingSeed(
  task: TaskEntry,
  n: number,
  things: string,
  seed: number,
  way: string | undefined,
  around: Pick<Around, 'kinds' | 'own'>,
  pairs: readonly ComparedPair[],
): number {
  // Cards differ in nothing but the number.
  if (task.compares?.onCards) return seed;
  const seeds = Array.from({ length: figure.comparingCandidates }, (_, i) => seed + i);
  const candidates = seeds.flatMap((one) => layoutFor(task, n, things, one, way, around)?.comparison ?? []);
  return candidates.length === 0 ? seed : seeds[tellingPair(candidates, pairs)]!;
}
