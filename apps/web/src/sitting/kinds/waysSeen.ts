import { taskOf, type Strategy, type Task } from '@dotting/core';
import { words } from '../../wording/all.js';

type Seen = NonNullable<Task['strategies']>[number];

/** How a child may have gone about a task that has ways of its own; of what was only seen, in words for that. */
export function waysSeen(
  task: string,
  strategies: readonly Seen[],
): readonly (readonly [Strategy, string])[] {
  const { kinds } = words;
  const ofSeeing: Partial<Record<Seen, string>> = taskOf(task).shows
    ? { knew: kinds.atOnce(), 'counted-all': kinds.countedThem() }
    : {};
  return strategies.map((one) => [one, ofSeeing[one] ?? kinds.seen[one]()]);
}
