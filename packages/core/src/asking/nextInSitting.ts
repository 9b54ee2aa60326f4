import { figure } from '../estimates/parameters.js';
import { ageInMonths } from '../shelf/cautions.js';
import { counters } from '../shelf/counters.js';
import { largestOf, taskOf, type Task, type TaskId } from '../shelf/tasks.js';
import { dayOf, type Trace } from '../trace/trace.js';
import { nextTry } from './nextTry.js';
import { tellNext } from './tellNext.js';
import type { AskedSkill } from './went.js';

export interface NextInSitting {
  readonly task: TaskId;
  readonly n: number;
  readonly things: string;
  readonly why: string;
  /** Enough for this sitting, as far as can be seen; the adult decides. */
  readonly isOver: boolean;
}

/** What the number of a task is chosen by. */
function skillOf(task: Task): AskedSkill {
  if (task.kind === 'say') return 'order';
  return task.kind === 'give' ? 'fetch' : 'one-to-one';
}

/**
 * What to put next in a sitting: the task and the things that are on the table, with the number
 * that tells most, under the rules of kindness.
 *
 * @param earlier tries of the child before this sitting, as far back as the device has them
 * @param sitting tries of this sitting, oldest first; at least one
 * @param now ISO 8601 with offset
 * @throws RangeError without a try
 */
export function nextInSitting(
  earlier: readonly Trace[],
  sitting: readonly Trace[],
  birthDate: string | null,
  now: string,
): NextInSitting {
  const [first, last] = [sitting[0], sitting.at(-1)];
  if (!first || !last) throw new RangeError('nextInSitting: no try to go on from');
  const task = taskOf(last.task);
  const day = dayOf({ startedAt: now });
  const secondsUsed = (Date.parse(now) - Date.parse(first.startedAt)) / 1000;
  const next = nextTry(skillOf(task), {
    tries: [...earlier, ...sitting],
    sittingId: last.sittingId,
    day,
    language: last.language,
    months: birthDate === null ? null : ageInMonths(birthDate, day),
    arrangements: [task.arrangement],
    // What lies on the table stays there.
    things: [last.set.things],
    largest: largestOf(task),
    secondsLeft: figure.secondsOfSitting - secondsUsed,
    ...(task.pile !== undefined && { pile: task.pile }),
  });
  const why = tellNext(next);
  if (next.kind === 'ask') return { task: task.id, n: next.n, things: next.things, why, isOver: false };
  return {
    task: task.id,
    n: last.target ?? last.set.size,
    things: otherThings(last.set.things),
    why,
    isOver: true,
  };
}

/** Should the adult go on all the same, other things tell more than the same ones. */
function otherThings(things: string): string {
  const at = counters.findIndex((counter) => counter.id === things);
  return counters[(at + 1) % counters.length]!.id;
}
