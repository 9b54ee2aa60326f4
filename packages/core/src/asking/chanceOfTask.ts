import { proportion } from '../estimates/proportion.js';
import { observationsOf } from '../evidence/observations.js';
import { numberSkills, type NumberSkill, type Principle } from '../shelf/task.js';
import { largestOf, smallestToPropose, type Task } from '../shelf/tasks.js';
import { dayOf } from '../trace/trace.js';
import type { Asking } from './asking.js';
import { modelOf } from './modelOf.js';

export const isNumberSkill = (by: Task['looksAt']): by is NumberSkill =>
  numberSkills.some((skill) => skill === by);

/** The skill that must not be in the way when a principle is looked at. */
export const restsOn: Record<Principle, NumberSkill> = {
  'last-word': 'one-to-one',
  conservation: 'one-to-one',
  'order-irrelevance': 'one-to-one',
  'order-judged': 'order',
  teens: 'order',
  'one-to-one-judged': 'one-to-one',
  matching: 'one-to-one',
  'equal-set': 'fetch',
  'numeral-to-set': 'fetch',
  'several-sets': 'fetch',
};

/** The numbers a task can be put with, within what may be asked. */
export function numbersOf(
  task: Task,
  { smallest = 1, largest }: Pick<Asking, 'smallest' | 'largest'>,
): number[] {
  if (!isNumberSkill(task.looksAt)) {
    const rungs = task.ladder.filter((n) => n >= smallest && n <= largest);
    return rungs.length > 0 ? rungs : [task.ladder[0]!];
  }
  const least = Math.max(smallest, smallestToPropose(task));
  const most = Math.max(least, Math.min(largest, largestOf(task)));
  return Array.from({ length: most - least + 1 }, (_, i) => least + i);
}

/** Chance that a task goes well for the child at n: the counting, and the principle where it looks at one. */
export function chanceOfTask({ looksAt, arrangement, pile }: Task, asking: Asking): (n: number) => number {
  const withPile = { ...asking, pile: pile ?? asking.pile ?? asking.largest };
  if (isNumberSkill(looksAt)) return modelOf(looksAt, withPile, arrangement).chanceAt;
  const counting = modelOf(restsOn[looksAt], withPile, 'row');
  const looks = asking.tries.flatMap((trace) => {
    const look = observationsOf(trace).principles[looksAt];
    return look ? [{ ...look, day: dayOf(trace) }] : [];
  });
  const { mean } = proportion(looks, asking.day);
  return (n) => Math.min(mean, counting.chanceAt(n));
}
