import { daysBetween } from '../estimates/axis.js';
import { figure } from '../estimates/parameters.js';
import { cautionsFor, type CautionedChild } from '../shelf/cautions.js';
import { amountOf } from '../shelf/counters.js';
import { spareThings } from '../shelf/layout.js';
import { largestOf, laysThings, taskOf, type Task, type TaskId } from '../shelf/tasks.js';
import { dayOf, type Layout, type Trace } from '../trace/trace.js';

/** Questions that can be put on things that already lie there, in the order of the shelf. */
const onLaidThings: readonly TaskId[] = ['how-many', 'give-n', 'still-n', 'other-end', 'count-row'];
/** And those for which nothing lies there. */
const onNothing: readonly TaskId[] = ['say-spot', 'say-far'];

/** What can be asked on what is laid for a task already: questions of another skill. */
export function otherQuestions(first: TaskId): readonly TaskId[] {
  const { looksAt, arrangement, makes } = taskOf(first);
  if (!laysThings({ arrangement })) return onNothing.filter((id) => taskOf(id).looksAt !== looksAt);
  // What is made up for one try, a recipe or a puppet’s count, serves no other.
  const isOwn = makes !== undefined && makes !== 'cells' && makes !== 'model';
  return isOwn ? [] : onLaidThings.filter((id) => taskOf(id).looksAt !== looksAt);
}

/**
 * The other question of a sitting: of those that can be asked, the one that has waited longest.
 *
 * @returns null where nothing of the kind can be asked
 */
export function otherQuestion(first: TaskId, tries: readonly Trace[], day: string): TaskId | null {
  return otherQuestions(first).reduce<TaskId | null>((one, other) => {
    return one === null || waited(other, tries, day) > waited(one, tries, day) ? other : one;
  }, null);
}

/** Days since a task of the same skill was put; never is longest. */
function waited(id: TaskId, tries: readonly Trace[], day: string): number {
  const { looksAt } = taskOf(id);
  const days = tries.filter((trace) => taskOf(trace.task).looksAt === looksAt).map(dayOf);
  return days.length === 0 ? Infinity : Math.min(...days.map((one) => daysBetween(one, day)));
}

/** What to have at hand before a child comes. */
export interface TrayPlan {
  /** "10 corks", "a plate". */
  readonly lines: readonly string[];
  readonly cautions: readonly string[];
}

export interface TrayOf {
  readonly task: TaskId;
  readonly n: number;
  readonly things: string;
  readonly layout?: Layout | undefined;
  readonly other: TaskId | null;
  readonly child: CautionedChild;
  /** YYYY-MM-DD. */
  readonly day: string;
}

/**
 * The tray for a sitting: enough of each thing for its numbers to go up a little, what else its
 * tasks need, and the cautions of all of it.
 */
export function trayFor({ task, n, things, layout, other, child, day }: TrayOf): TrayPlan {
  const tasks = [taskOf(task), ...(other === null ? [] : [taskOf(other)])];
  const amounts = new Map<string, number>();
  const need = (kind: string, amount: number): void => {
    amounts.set(kind, Math.max(amount, amounts.get(kind) ?? 0));
  };
  for (const one of tasks.filter(laysThings)) need(things, amountFor(one, n));
  for (const bowl of layout?.bowls ?? []) need(bowl.things, bowl.n + spareThings);
  if (layout?.model) need(layout.model, Math.min(largestOf(tasks[0]!), n + figure.reach));
  return {
    lines: [
      ...[...amounts].map(([kind, amount]) => amountOf(amount, kind)),
      ...new Set(tasks.flatMap((one) => one.also)),
    ],
    cautions: [
      ...new Set([
        ...[...amounts.keys()].flatMap((kind) => cautionsFor(kind, child, day)),
        ...tasks.flatMap((one) => one.cautions),
      ]),
    ],
  };
}

/** So many that the number can go up within the sitting without fetching more. */
function amountFor(task: Task, n: number): number {
  if (task.pile !== undefined) return task.pile;
  const most = Math.min(largestOf(task), n + figure.traySpare);
  return task.makes === 'cells' || task.makes === 'jars' ? most + spareThings : most;
}
