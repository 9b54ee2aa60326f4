import type { CountStep, Layout, Trace, TraySet, Word } from '../trace/trace.js';
import { captureKinds } from './kinds/kinds.js';
import { spareThings, wordsOn } from './layout.js';
import type { TaskEntry } from './task.js';
import { numeralTasks } from './tasks/numerals.js';
import { writingTasks } from './tasks/writing.js';
import { recordingTasks } from './tasks/recording.js';
import { comparingTasks } from './tasks/comparing.js';
import { partsTasks } from './tasks/parts.js';
import { seeingTasks } from './tasks/seeing.js';
import { countingOnTasks } from './tasks/countingOn.js';
import { cardinalityTasks } from './tasks/cardinality.js';
import { countingOutTasks } from './tasks/countingOut.js';
import { judgedTasks } from './tasks/judged.js';
import { sharedTasks } from './tasks/shared.js';
import { oneToOneTasks } from './tasks/oneToOne.js';
import { stableOrderTasks } from './tasks/stableOrder.js';

const shelf = [
  ...stableOrderTasks,
  ...oneToOneTasks,
  ...sharedTasks,
  ...judgedTasks,
  ...cardinalityTasks,
  ...countingOutTasks,
  ...countingOnTasks,
  ...comparingTasks,
  ...seeingTasks,
  ...partsTasks,
  ...numeralTasks,
  ...writingTasks,
  ...recordingTasks,
] as const;

export type TaskId = (typeof shelf)[number]['id'];
export type Task = TaskEntry & { readonly id: TaskId };

export const tasks: readonly Task[] = shelf;

/** By tens as far as this. */
const mostSaid = 100;

/** Sizes a set on the tray can have, and numbers that can be asked for. */
const smallestSize = 1;

/** @throws RangeError for a task that is not on the shelf */
export function taskOf(id: string): Task {
  const task = tasks.find((one) => one.id === id);
  if (!task) throw new RangeError(`taskOf: no task is called “${id}”`);
  return task;
}

/** The largest number the task can be put with. */
export function largestOf(task: TaskEntry): number {
  const { kind, pile, ladder } = task;
  if (isMade(task)) return ladder.at(-1)!;
  return pile !== undefined ? Math.min(ladder.at(-1)!, pile) : captureKinds[kind].most;
}

/** The smallest number the task can be put with. */
export function smallestOf(task: TaskEntry): number {
  const { ladder, midway, smallest } = task;
  return smallest ?? (isMade(task) || midway !== undefined ? ladder[0]! : smallestSize);
}

/** Something is generated for it, or it begins elsewhere: it is put with numbers of its ladder’s range alone. */
const isMade = ({ makes, compares, shows, start, goes }: TaskEntry): boolean =>
  (makes ?? compares ?? shows ?? start ?? goes) !== undefined;

/** The smallest number that is proposed: fewer than its first rung make no ring and no spread. */
export function smallestToPropose(task: TaskEntry): number {
  const isSpread = task.arrangement === 'ring' || task.arrangement === 'scattered';
  return isSpread ? task.ladder[0]! : Math.max(smallestSize, smallestOf(task));
}

/** The number n, or the nearest that the task can be put with. */
export function sizeFor(task: TaskEntry, n: number): number {
  if (task.onlyRungs) return task.ladder.find((rung) => rung >= n) ?? task.ladder.at(-1)!;
  return Math.min(largestOf(task), Math.max(smallestOf(task), n));
}

/** Where the words of a task at a number begin, which way they go and where they end. Back from the number the child says it first. */
export function runOf(
  task: TaskEntry,
  n: number,
): Pick<Trace, 'start' | 'direction'> & { readonly target: number } {
  if (task.goes === 1) return { start: n + 1, direction: 1, target: n + wordsOn };
  if (task.goes === -1) return { start: n, direction: -1, target: Math.max(1, n - wordsOn) };
  return { start: task.start ?? 1, direction: 1, target: n };
}

/** By steps a count ends on one of them, and words alone go further in as many. */
export function sizeBySteps(task: TaskEntry, n: number, step: CountStep): number {
  const most = laysThings(task) ? largestOf(task) : Math.min(mostSaid, largestOf(task) * step);
  return Math.min(most, Math.max(2, Math.round(n / step)) * step);
}

/** Whether things lie before the child; not for words alone. */
export const laysThings = ({ arrangement }: Pick<TaskEntry, 'arrangement'>): boolean =>
  arrangement !== 'none';

/** What the child is to choose from: the cards that lie there, or the answers of the task; undefined where it answers freely. */
export const choicesIn = (
  { choosing }: TaskEntry,
  layout: Layout | undefined,
): readonly Word[] | undefined => (layout?.cards?.kind === 'find' ? layout.cards.cards : choosing);

/** What there is to take from; of a full frame, a few that are to stay outside. */
function pileOf({ makes, pile }: TaskEntry, n: number, layout?: Layout): Pick<TraySet, 'pile'> {
  if (makes === 'cells') return layout?.places === n ? { pile: n + spareThings } : {};
  return pile === undefined ? {} : { pile };
}

/** How many lie there: of a frame that is to be filled, those that are in it. */
function laidOf(task: TaskEntry, n: number, layout?: Layout): number {
  if (!laysThings(task) || layout?.handful) return 0;
  return task.makes === 'to-ten' ? tenCells - n : n;
}
const tenCells = 10;

/** What is laid for the task and the number: nothing for words alone, where the number is the target. */
export function setOf(task: TaskEntry, n: number, things: string, layout?: Layout): TraySet {
  return {
    size: laidOf(task, n, layout),
    things,
    arrangement: task.arrangement,
    // The numbers of a track say how many there are.
    ...(layout?.track && { cue: 'printed-number' as const }),
    ...pileOf(task, n, layout),
    ...(layout && { layout }),
  };
}
