import { proportion } from '../estimates/proportion.js';
import { observationsOf } from '../evidence/observations.js';
import { isPrinciple, skillOfPrinciple, type NumberSkill } from '../skills/map.js';
import { largestOf, smallestToPropose, type Task } from '../shelf/tasks.js';
import type { Arrangement } from '../trace/trace.js';
import { dayOf } from '../trace/trace.js';
import type { Asking } from './asking.js';
import { modelOf } from './modelOf.js';

/** The counting that a task rests on: what it looks at, or what must not be in the way of the principle it looks at. */
export function countingOf({ looksAt, arrangement }: Task): {
  readonly skill: NumberSkill;
  readonly arrangement: Arrangement;
} {
  return isPrinciple(looksAt)
    ? { skill: skillOfPrinciple(looksAt).read.restsOn, arrangement: 'row' }
    : { skill: looksAt, arrangement };
}

/** The numbers a task can be put with, within what may be asked. */
export function numbersOf(
  task: Task,
  { smallest = 1, largest }: Pick<Asking, 'smallest' | 'largest'>,
): number[] {
  if (isPrinciple(task.looksAt)) {
    const rungs = task.ladder.filter((n) => n >= smallest && n <= largest);
    return rungs.length > 0 ? rungs : [task.ladder[0]!];
  }
  const least = Math.max(smallest, smallestToPropose(task));
  const most = Math.max(least, Math.min(largest, largestOf(task)));
  return Array.from({ length: most - least + 1 }, (_, i) => least + i);
}

/** Chance that a task goes well for the child at n: the counting, and the principle where it looks at one. */
export function chanceOfTask(task: Task, asking: Asking): (n: number) => number {
  const { looksAt, pile } = task;
  const { skill, arrangement } = countingOf(task);
  const counting = modelOf(skill, { ...asking, pile: pile ?? asking.pile ?? asking.largest }, arrangement);
  if (!isPrinciple(looksAt)) return counting.chanceAt;
  const looks = asking.tries.flatMap((trace) => {
    const look = observationsOf(trace).principles[looksAt];
    return look ? [{ ...look, day: dayOf(trace) }] : [];
  });
  const { mean } = proportion(looks, asking.day);
  return (n) => Math.min(mean, counting.chanceAt(n));
}
