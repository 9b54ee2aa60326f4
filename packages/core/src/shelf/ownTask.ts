import type { OwnTaskId } from '../trace/ids.js';
import { largestOf, smallestOf, taskOf, tasks, type Task, type TaskId } from './tasks.js';
import { skillOfTask } from './tasksOf.js';
import type { SkillId } from '../skills/map.js';
import type { CaptureKind } from './captureKind.js';
import type { OpenArrangement } from '../trace/trace.js';

/** Of a task that a room has written, what is not its words. */
export interface OwnTaskFacts {
  readonly id: OwnTaskId;
  /** The task of the shelf that it goes like: so it is laid, taken down and read. */
  readonly like: TaskId;
  /** The numbers that it is put with, smallest first. */
  readonly ladder: readonly number[];
  readonly minutes: number;
  /** The kind of thing it is put with, where no other will do. */
  readonly only?: string | undefined;
  /** How its things lie, where not as in the task that it goes like. */
  readonly arrangement?: OpenArrangement | undefined;
  /** The task a step down and the one a step up, where they are others than of the task that it goes like. */
  readonly easier?: TaskId | undefined;
  readonly harder?: TaskId | undefined;
  /** How many there are to take from, where the child takes. */
  readonly pile?: number | undefined;
  /** Of the slips that a task like it can show, those that its card names. */
  readonly watchFor: readonly string[];
  /** What is needed beside the things: containers and the like that the room has added. */
  readonly beside: readonly string[];
}

/** Put to one child in a sitting: what a room’s own task can go like. */
export const likable: readonly Task[] = tasks.filter(({ inGroup }) => !inGroup);

/** The tasks of the shelf that look at a skill, taken down so: what an own task for it can go like. */
export const likableFor = (skill: SkillId, kind?: CaptureKind): readonly Task[] =>
  likable.filter((task) => skillOfTask(task.id).id === skill && (kind ?? task.kind) === task.kind);

/** The smallest and the largest number that a task like this can be put with. */
export function rangeLike(like: TaskId): { readonly from: number; readonly to: number } {
  const task = taskOf(like);
  return { from: smallestOf(task), to: largestOf(task) };
}

/** How the things of a task like this can lie, where its author may choose. */
export const arrangementsLike = (like: TaskId): readonly OpenArrangement[] => taskOf(like).mayLie ?? [];

/** So many lie in a pile that a child can still choose from. */
export const mostInPile = 40;

/** With just as many to take from as are asked for, a child need not stop of itself. */
export const leastInPile = (ladder: readonly number[]): number => Math.max(...ladder) + 1;

/** An own task as the shelf has its own: that which it goes like, with what is otherwise. */
export function entryOf({ like, ladder, minutes, watchFor, ...own }: OwnTaskFacts): Task {
  const task = taskOf(like);
  const { only, pile, arrangement, easier, harder } = own;
  return {
    ...task,
    ...(only !== undefined && { only }),
    ...(arrangement !== undefined && { arrangement }),
    ...(easier !== undefined && { easier }),
    ...(harder !== undefined && { harder }),
    ...(task.pile !== undefined && pile !== undefined && { pile }),
    ladder,
    minutes,
    watchFor: task.watchFor.filter((one) => watchFor.some((other) => other === one)),
    onlyRungs: true,
  } as Task;
}
