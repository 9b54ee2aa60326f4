import type { Arrangement, TraySet } from '../trace/trace.js';
import { amountOf } from './counters.js';

export type TaskId = 'count-row' | 'count-aside' | 'how-many';

/** One entry of the shelf: everything a sitting needs to put the task to a child. */
export interface Task {
  readonly id: TaskId;
  readonly name: string;
  /** What to say, as it is said to the child. */
  readonly say: string;
  /** What to say once the count is done, where the task asks it. */
  readonly thenSay?: string;
  /** What not to say or do. */
  readonly avoid: string;
  readonly arrangement: Arrangement;
  /** How to lay the things, after the amount. */
  readonly lay: string;
}

/** Sizes a set on the tray can have. */
export const smallestSize = 1;
export const largestSize = 20;

export const howManyQuestion = 'How many are there?';

export const tasks: readonly Task[] = [
  {
    id: 'count-row',
    name: 'Count a row',
    say: 'Count these for me, and touch each one.',
    avoid: 'Wait. Say no number, and do not nod at one.',
    arrangement: 'row',
    lay: 'a thumb’s width apart',
  },
  {
    id: 'count-aside',
    name: 'Count, moving each aside',
    say: 'Count these, and move each one over here as you count it.',
    avoid: 'Show the place with an open hand. Move none yourself.',
    arrangement: 'movable',
    lay: 'in a loose heap, with room beside it',
  },
  {
    id: 'how-many',
    name: 'How many?',
    say: 'Count these for me.',
    thenSay: howManyQuestion,
    avoid: 'Ask once, as if you did not know. Leave the things as they are.',
    arrangement: 'row',
    lay: 'a thumb’s width apart',
  },
];

/** @throws RangeError for a task that is not on the shelf */
export function taskOf(id: string): Task {
  const task = tasks.find((one) => one.id === id);
  if (!task) throw new RangeError(`taskOf: no task is called “${id}”`);
  return task;
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

/** "8 corks in a row". */
export function describeSet(set: Pick<TraySet, 'size' | 'things' | 'arrangement'>): string {
  return `${amountOf(set.size, set.things)} ${placed[set.arrangement]}`.trim();
}
