import type { Arrangement, TraySet } from '../trace/trace.js';
import { amountOf } from './counters.js';
import type { TaskEntry } from './task.js';
import { cardinalityTasks } from './tasks/cardinality.js';
import { oneToOneTasks } from './tasks/oneToOne.js';
import { stableOrderTasks } from './tasks/stableOrder.js';

const shelf = [...stableOrderTasks, ...oneToOneTasks, ...cardinalityTasks] as const;

export type TaskId = (typeof shelf)[number]['id'];
export type Task = TaskEntry & { readonly id: TaskId };

export const tasks: readonly Task[] = shelf;

/** Sizes a set on the tray can have, and numbers that can be asked for. */
export const smallestSize = 1;
export const largestSize = 20;
export const largestSaid = 30;

export const howManyQuestion = 'How many are there?';

/** @throws RangeError for a task that is not on the shelf */
export function taskOf(id: string): Task {
  const task = tasks.find((one) => one.id === id);
  if (!task) throw new RangeError(`taskOf: no task is called “${id}”`);
  return task;
}

/** The largest number the task can be put with. */
export function largestOf({ kind, pile }: Task): number {
  if (kind === 'say') return largestSaid;
  return kind === 'give' && pile !== undefined ? Math.min(10, pile) : largestSize;
}

/** What is laid for the task and the number: nothing for words alone, where the number is the target. */
export function setOf(task: Task, n: number, things: string): TraySet {
  return {
    size: task.kind === 'say' ? 0 : n,
    things,
    arrangement: task.arrangement,
    ...(task.pile !== undefined && { pile: task.pile }),
  };
}

const placed: Record<Arrangement, string> = {
  movable: 'to move aside',
  row: 'in a row',
  frame: 'in a frame',
  pictures: 'as pictures',
  scattered: 'scattered',
  ring: 'in a ring',
  heard: 'heard',
  hidden: 'hidden',
  none: '',
};

/** "8 corks in a row", "4 corks from 15", "the numbers to 12". */
export function describeSet(
  set: Pick<TraySet, 'size' | 'things' | 'arrangement' | 'pile'>,
  target = set.size,
): string {
  if (set.arrangement === 'none') return `the numbers to ${target}`;
  if (set.pile !== undefined) return `${amountOf(set.size, set.things)} from ${set.pile}`;
  return `${amountOf(set.size, set.things)} ${placed[set.arrangement]}`;
}
