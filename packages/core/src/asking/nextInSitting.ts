import { figure } from '../estimates/parameters.js';
import { numberSkills, type NumberSkill } from '../shelf/task.js';
import { ageInMonths } from '../shelf/cautions.js';
import { otherCounter } from '../shelf/counters.js';
import { largestOf, sizeFor, smallestOf, taskOf, type Task, type TaskId } from '../shelf/tasks.js';
import { dayOf, type Trace } from '../trace/trace.js';
import type { Asking, NextTry } from './asking.js';
import { nextOfPrinciple } from './nextOfPrinciple.js';
import { nextTry } from './nextTry.js';
import { tellNext, tellOther } from './tellNext.js';

/** What a sitting is planned to be: one skill, and at most one other question on the things that lie there. */
export interface SittingPlan {
  readonly minutes: number;
  readonly other: TaskId | null;
}

/** A sitting as it stands between two tries. */
export interface SittingSoFar {
  /** Tries of the child before this sitting, as far back as the device has them. */
  readonly earlier: readonly Trace[];
  /** Tries of this sitting, oldest first; at least one. */
  readonly tries: readonly Trace[];
  readonly birthDate: string | null;
  readonly plan: SittingPlan;
  /** How long it was paused. */
  readonly pausedMs: number;
  /** The largest number to ask, where the child needs few things; null for what the task allows. */
  readonly most?: number | null;
  /** Kinds of things that may be laid for the child; all of them where nothing is said. */
  readonly kinds?: readonly string[];
  /** ISO 8601 with offset. */
  readonly now: string;
}

export interface NextInSitting {
  readonly task: TaskId;
  readonly n: number;
  readonly things: string;
  readonly why: string;
  /** Enough for this sitting, as far as can be seen; the adult decides. */
  readonly isOver: boolean;
}

/**
 * What to put next in a sitting: the task and the things that are on the table, with the number
 * that tells most, under the rules of kindness; then, once, the other question that was planned.
 *
 * @throws RangeError without a try
 */
export function nextInSitting(sitting: SittingSoFar): NextInSitting {
  const last = sitting.tries.at(-1);
  if (!last) throw new RangeError('nextInSitting: no try to go on from');
  const task = taskOf(last.task);
  const left = secondsLeft(sitting);
  const other = otherToCome(sitting, task);
  // The other question keeps its time.
  const next = nextOf(task, sitting, left - (other ? figure.secondsForOther : 0));
  if (next.kind === 'ask') return proposal(task, next, tellNext(next, sitting.plan.minutes));

  if (other && next.because !== 'enough' && left > figure.secondsToLay) {
    const first = nextOf(other, sitting, left);
    if (first.kind === 'ask') return proposal(other, first, tellOther(next.because));
  }
  return {
    task: task.id,
    n: sizeFor(task, last.target ?? last.set.size),
    // Should the adult go on all the same, other things tell more than the same ones.
    things: otherCounter(last.set.things, sitting.kinds),
    why: tellNext(next, sitting.plan.minutes),
    isOver: true,
  };
}

const proposal = (task: Task, next: Extract<NextTry, { kind: 'ask' }>, why: string): NextInSitting => ({
  task: task.id,
  n: next.n,
  things: next.things,
  why,
  isOver: false,
});

function secondsLeft({ tries, now, plan, pausedMs }: SittingSoFar): number {
  const used = (Date.parse(now) - Date.parse(tries[0]!.startedAt) - pausedMs) / 1000;
  return plan.minutes * 60 - used;
}

/** The planned other question, until it has been put. */
function otherToCome({ plan, tries }: SittingSoFar, task: Task): Task | null {
  if (plan.other === null || plan.other === task.id) return null;
  return tries.some((trace) => trace.task === plan.other) ? null : taskOf(plan.other);
}

function nextOf(task: Task, sitting: SittingSoFar, seconds: number): NextTry {
  const asking = askingFor(task, sitting, seconds);
  return isNumberSkill(task.looksAt)
    ? nextTry(task.looksAt, asking)
    : nextOfPrinciple(task, task.looksAt, asking);
}

const isNumberSkill = (looksAt: Task['looksAt']): looksAt is NumberSkill =>
  numberSkills.some((skill) => skill === looksAt);

function askingFor(
  task: Task,
  { earlier, tries, birthDate, now, most }: SittingSoFar,
  seconds: number,
): Asking {
  const last = tries.at(-1)!;
  const day = dayOf({ startedAt: now });
  return {
    tries: [...earlier, ...tries],
    sittingId: last.sittingId,
    day,
    language: last.language,
    months: birthDate === null ? null : ageInMonths(birthDate, day),
    arrangements: [task.arrangement],
    // What lies on the table stays there.
    things: [last.set.things],
    smallest: smallestOf(task),
    largest: Math.max(smallestOf(task), Math.min(largestOf(task), most ?? Infinity)),
    secondsLeft: seconds,
    ...(task.pile !== undefined && { pile: task.pile }),
  };
}
