import { figure } from '../common/parameters.js';
import { ageInMonths } from '../shelf/cautions.js';
import { otherCounter } from '../shelf/counters.js';
import {
  largestOf,
  laysThings,
  sizeFor,
  smallestToPropose,
  taskOf,
  type Task,
  type TaskId,
} from '../shelf/tasks.js';
import { wentWell } from '../evidence/went.js';
import { isNumeralSkill, isPrinciple } from '../skills/map.js';
import { dayOf, type Trace } from '../trace/trace.js';
import type { Asking, NextReason, NextTry } from './asking.js';
import { nextOfRound } from './allRound.js';
import { leastOf, type SittingPlan } from './beginSitting.js';
import { tooMuchLastTime, wantsNoMore } from './tooMuch.js';

import { easyTry } from './easyTry.js';
import { nextOfNumerals } from './nextOfNumerals.js';
import { nextOfPrinciple } from './nextOfPrinciple.js';
import { nextTry } from './nextTry.js';

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
  readonly why: NextReason;
  /** Enough for this sitting, as far as can be seen; the adult decides. */
  readonly isOver: boolean;
}

/**
 * What to put next in a sitting. After the easy one that it began with comes what it is for; then the task and
 * the things that are on the table, with the number that tells most, under the rules of kindness; then, once,
 * the other question that was planned. Where all of a question went wrong an easy count ends it well.
 *
 * @throws RangeError without a try
 */
export function nextInSitting(sitting: SittingSoFar): NextInSitting {
  const last = sitting.tries.at(-1);
  if (!last) throw new RangeError('nextInSitting: no try to go on from');
  const task = taskOf(last.task);
  const left = secondsLeft(sitting);
  if (wantsNoMore(sitting.tries) || isClosed(sitting)) return over(task, last, sitting, { kind: 'enough' });
  if (sitting.plan.round) return inRound(sitting.plan.round, last, sitting);
  const main = taskOf(sitting.plan.main);
  if (sitting.tries.length === 1 && main.id !== task.id) {
    const first = nextOf(main, sitting, left);
    if (first.kind === 'ask') return proposal(main, first, { kind: 'main' });
  }
  const other = otherToCome(sitting, task);
  // The other question keeps its time.
  const next = nextOf(task, sitting, left - (other ? figure.secondsForOther : 0));
  if (next.kind === 'ask') return proposal(task, next, { kind: next.purpose, n: next.n });

  if (other && next.because !== 'enough' && left > figure.secondsToLay) {
    const first = nextOf(other, sitting, left);
    if (first.kind === 'ask')
      return proposal(other, first, { kind: 'other-question', because: next.because });
  }
  if (wantsEasyEnd(next.because, last)) return easyEnd(task, last, sitting, left);
  return over(task, last, sitting, endOf(next.because, sitting.plan.minutes));
}

function inRound(
  { n, tasks }: NonNullable<SittingPlan['round']>,
  last: Trace,
  sitting: SittingSoFar,
): NextInSitting {
  const next = nextOfRound(tasks, sitting.tries);
  if (next === 'known' || next === 'enough') return over(taskOf(last.task), last, sitting, { kind: next });
  return { task: next, n, things: last.set.things, why: { kind: 'round', n }, isOver: false };
}

type Stop = Extract<NextTry, { kind: 'stop' }>;

const endOf = (because: Stop['because'], minutes: number): NextReason =>
  because === 'time' ? { kind: 'time', minutes } : { kind: because };

/** Enough for today: end here, or go on with other things should the adult wish so. */
function over(task: Task, last: Trace, { kinds }: SittingSoFar, why: NextReason): NextInSitting {
  return {
    task: task.id,
    n: sizeFor(task, last.target ?? last.set.size),
    things: otherCounter(last.set.things, kinds),
    why,
    isOver: true,
  };
}

/** What a child of this age counts in any case, on the things that lie there. */
function easyEnd(task: Task, last: Trace, sitting: SittingSoFar, left: number): NextInSitting {
  const { task: id, n } = easyTry(
    taskOf(laysThings(task) ? 'count-aside' : 'say-far'),
    askingFor(task, sitting, left),
    figure.endsWithin,
  );
  return { task: id, n, things: last.set.things, why: { kind: 'end-well', n }, isOver: false };
}

/** All of a question went wrong, or its last try did. */
const wantsEasyEnd = (because: Stop['because'], last: Trace): boolean =>
  because === 'enough' || wentWell(taskOf(last.task).looksAt, last) === false;

/** The try before the last had ended its question, and not well: the last was the easy one after it. */
function isClosed(sitting: SittingSoFar): boolean {
  const before = { ...sitting, tries: sitting.tries.slice(0, -1) };
  const last = before.tries.at(-1);
  if (!last) return false;
  const task = taskOf(last.task);
  const left = secondsLeft(sitting);
  const next = nextOf(task, before, left);
  if (next.kind === 'ask' || !wantsEasyEnd(next.because, last)) return false;
  // The other question, or one of the adult’s own, may have come instead.
  return next.because === 'enough' || easyEnd(task, last, before, left).task === sitting.tries.at(-1)!.task;
}

const proposal = (task: Task, next: Extract<NextTry, { kind: 'ask' }>, why: NextReason): NextInSitting => ({
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
  const { looksAt } = task;
  if (isPrinciple(looksAt)) return nextOfPrinciple(task, looksAt, asking);
  return isNumeralSkill(looksAt) ? nextOfNumerals(task, looksAt, asking) : nextTry(looksAt, asking);
}

function askingFor(
  task: Task,
  { earlier, tries, birthDate, now, most = null }: SittingSoFar,
  seconds: number,
): Asking {
  const last = tries.at(-1)!;
  const day = dayOf({ startedAt: now });
  const gently = leastOf(most, tooMuchLastTime(earlier, day)?.most);
  return {
    tries: [...earlier, ...tries],
    sittingId: last.sittingId,
    day,
    language: last.language,
    months: birthDate === null ? null : ageInMonths(birthDate, day),
    arrangements: [task.arrangement],
    // What lies on the table stays there.
    things: [last.set.things],
    smallest: smallestToPropose(task),
    largest: Math.max(smallestToPropose(task), Math.min(largestOf(task), gently ?? Infinity)),
    secondsLeft: seconds,
    ...(task.pile !== undefined && { pile: task.pile }),
  };
}
