import { daysBetween } from '../estimates/axis.js';
import { figure } from '../common/parameters.js';
import { looksAt, wentWell } from '../evidence/went.js';
import { skillOf } from '../skills/map.js';
import { cautionsFor, type Caution, type CautionedChild } from '../shelf/cautions.js';
import type { Counter } from '../shelf/counters.js';
import { entryOf, type OwnTaskFacts } from '../shelf/ownTask.js';
import { spareThings } from '../shelf/layout.js';
import { addedUp } from '../shelf/thingsFor.js';
import { largestOf, laysThings, taskOf, type Task, type TaskId } from '../shelf/tasks.js';
import { skillOfTask } from '../shelf/tasksOf.js';
import { obstaclesIn, slippedIn } from '../evidence/obstacles.js';
import { dayOf, type Layout, type Trace } from '../trace/trace.js';
import type { Asking } from './asking.js';
import { countingOf } from './chanceOfTask.js';
import { modelOf } from './modelOf.js';

/** Other questions: with things of the kind that lies there, or with none; those told apart soonest first. */
const questions: readonly TaskId[] = [
  'how-many',
  'count-ring',
  'count-scatter',
  'give-n',
  'still-n',
  'put-together',
  'say-far',
  'count-row',
  'count-aside',
  'other-end',
  'say-spot',
];

/** What is made up for one try and serves no other: drops in a tin, bowls of a recipe. */
const servesNoOther: ReadonlySet<string> = new Set(['drops', 'bowls']);

/** What can be asked beside a task: questions of another skill, on what is laid for it already. */
export function otherQuestions(first: TaskId): readonly TaskId[] {
  const task = taskOf(first);
  const isOwn = task.makes !== undefined && servesNoOther.has(task.makes);
  return questions.filter(
    (id) => skillOfTask(id).id !== skillOfTask(first).id && !(isOwn && laysThings(taskOf(id))),
  );
}

/**
 * The other question of a sitting, of those that can be asked and are in reach of the child: one in which a
 * slip was seen that is not plain yet, else the one that has waited longest.
 *
 * @returns null where nothing of the kind can be asked
 */
export function otherQuestion(first: TaskId, asking: Asking): TaskId | null {
  const open = otherQuestions(first).filter((id) => isInReach(id, asking) && hasItsGround(id, asking));
  return (
    open.find((id) => wantsAnother(id, asking)) ??
    open.reduce<TaskId | null>(
      (one, other) => (one === null || waited(other, asking) > waited(one, asking) ? other : one),
      null,
    )
  );
}

const looksOf = (id: TaskId, { tries }: Asking): readonly Trace[] =>
  tries.filter((trace) => looksAt(skillOfTask(id), trace));

/** A slip was seen, in too few tries to say whether it stands in the way. */
function wantsAnother(id: TaskId, asking: Asking): boolean {
  const looks = looksOf(id, asking);
  const skill = skillOfTask(id);
  return (
    looks.length > 0 &&
    looks.length <= figure.fewLooks &&
    slippedIn(skill, looks, asking.day) >= figure.obstacleShare * looks.length &&
    obstaclesIn(skill, looks, asking.day).length === 0
  );
}

/** The counting that the question wants goes well more often than not, with few things. */
function isInReach(id: TaskId, asking: Asking): boolean {
  const task = taskOf(id);
  const { skill, arrangement } = countingOf(task);
  return modelOf(skill, asking, arrangement).chanceAt(task.ladder[0]!) >= figure.inReach;
}

/** A sum waits until each skill that it leans on has gone well. */
function hasItsGround(id: TaskId, { tries }: Asking): boolean {
  const { strand, leansOn } = skillOfTask(id);
  return (
    strand !== 'counting-on-and-back' ||
    leansOn.every(({ on }) => {
      const ground = skillOf(on);
      return tries.some((trace) => looksAt(ground, trace) && wentWell(ground.read.by, trace) === true);
    })
  );
}

/** Days since a try that said anything of the skill; never is longest. */
function waited(id: TaskId, asking: Asking): number {
  const days = looksOf(id, asking).map(dayOf);
  return days.length === 0 ? Infinity : Math.min(...days.map((one) => daysBetween(one, asking.day)));
}

/** What to have at hand before a child comes. */
export interface TrayPlan {
  /** How many of each kind of thing. */
  readonly things: readonly { readonly kind: string; readonly amount: number }[];
  /** The tasks it is for: each may need more than things, and have a caution of its own. */
  readonly tasks: readonly TaskId[];
  readonly cautions: readonly Caution[];
}

export interface TrayOf {
  /** What is put first. */
  readonly task: TaskId;
  /** What the sitting is for. */
  readonly main: TaskId;
  readonly n: number;
  readonly things: string;
  readonly layout?: Layout | undefined;
  readonly other: TaskId | null;
  /** Of one number all round, all of its tasks. */
  readonly round?: readonly TaskId[] | undefined;
  readonly child: CautionedChild;
  /** YYYY-MM-DD. */
  readonly day: string;
  /** Kinds that the room has added. */
  readonly own: readonly Counter[];
  /** The room’s own task that is put first, where it is one. */
  readonly ownTask?: OwnTaskFacts | undefined;
}

/**
 * The tray for a sitting: enough of each thing for its numbers to go up a little, what else its
 * tasks need, and the cautions of all of it.
 */
export function trayFor(tray: TrayOf): TrayPlan {
  const { task, main, n, things, layout, other, round = [], child, day, own, ownTask } = tray;
  const tasks = [...new Set([task, main, ...(other === null ? [] : [other]), ...round])].map((id) =>
    ownTask && id === ownTask.like ? entryOf(ownTask) : taskOf(id),
  );
  const amounts = new Map<string, number>();
  const need = (kind: string, amount: number): void => {
    amounts.set(kind, Math.max(amount, amounts.get(kind) ?? 0));
  };
  for (const one of tasks.filter(laysThings)) need(things, amountFor(one, n));
  for (const bowl of layout?.bowls ?? []) need(bowl.things, bowl.n + spareThings);
  // Larger numbers want as many more of each.
  for (const { things: kind, n: lies } of addedUp(layout?.comparison?.sets ?? []))
    need(kind, lies + figure.traySpare);
  for (const kind of layout?.sorted ?? []) need(kind.things, kind.n + figure.traySpare);
  for (const kind of new Set(layout?.carry?.unit)) need(kind, n + figure.traySpare);
  if (layout?.model) need(layout.model, Math.min(largestOf(tasks[0]!), n + figure.reach));
  return {
    things: [...amounts].map(([kind, amount]) => ({ kind, amount })),
    tasks: tasks.map(({ id }) => id),
    cautions: [...amounts.keys(), ...(ownTask?.beside ?? [])].flatMap((kind) =>
      cautionsFor(kind, child, day, own),
    ),
  };
}

/** So many that the number can go up within the sitting without fetching more. */
function amountFor(task: Task, n: number): number {
  if (task.pile !== undefined) return task.pile;
  // A stair takes a tower for each number.
  if (task.makes === 'stair') return (n * (n + 1)) / 2;
  const most = Math.min(largestOf(task), n + figure.traySpare);
  if (task.compares) return 2 * most;
  return task.makes === 'cells' || task.makes === 'jars' ? most + spareThings : most;
}
