import { figure } from '../common/parameters.js';
import { wentWell } from '../evidence/went.js';
import { largestOf, smallestOf, taskOf, type TaskId } from '../shelf/tasks.js';
import type { Trace } from '../trace/trace.js';

/** One number said, seen in pictures, shown on fingers, put in a frame, found and written: each once, in this order. */
const round: readonly TaskId[] = [
  'say-far',
  'count-pictures',
  'fingers',
  'count-cells',
  'find-it',
  'write-it',
  'teen-write',
];

/** The tasks of one number all round, those that can be put with it. */
export const roundOf = (n: number): readonly TaskId[] =>
  round.filter((id) => n >= smallestOf(taskOf(id)) && n <= largestOf(taskOf(id)));

/**
 * The next task of a round: the first that was not put. After two misses running there is none: enough for today.
 *
 * @param tries of this sitting, oldest first
 */
export function nextOfRound(tasks: readonly TaskId[], tries: readonly Trace[]): TaskId | 'known' | 'enough' {
  const went = tries.map((trace) => wentWell(taskOf(trace.task).looksAt, trace));
  const latest = went.slice(-figure.missesOfRound);
  if (latest.length === figure.missesOfRound && latest.every((one) => one === false)) return 'enough';
  return tasks.find((id) => tries.every((trace) => trace.task !== id)) ?? 'known';
}
