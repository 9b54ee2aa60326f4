import type { ChildView, ClosingLine, TryHead } from '@dotting/contract';
import {
  figure,
  lastStanding,
  layoutFor,
  nextInSitting,
  otherQuestion,
  record,
  seedFrom,
  settledEvents,
  setOf,
  sittingChanges,
  sizeFor,
  taskOf,
  undoWhole,
  type AnsweredBy,
  type Ended,
  type Gesture,
  type Help,
  type Layout,
  type Need,
  type SittingId,
  type SittingPlan,
  type StaffId,
  type Strategy,
  type TaskId,
  type Trace,
  type TraceEvent,
  type TraceId,
} from '@dotting/core';
import { implicitQuestion } from './implicitQuestion.js';

/** What lies on the tray, or is to be laid, and why. */
export interface Plan {
  readonly task: TaskId;
  readonly size: number;
  readonly things: string;
  readonly why: string;
  /** The language counted in. */
  readonly language: string;
  /** What was generated for it. */
  readonly layout?: Layout | undefined;
}

/** What the closing page says, as worked out and as the adult has put it. */
export interface Closing {
  readonly changed: readonly ClosingLine[];
  readonly open: readonly string[];
  readonly note: string;
}

export interface SittingTry {
  readonly id: TraceId;
  readonly head: TryHead;
  /** Goes up with every change of the head. */
  readonly revision: number;
  readonly presence: string;
  readonly events: readonly TraceEvent[];
}

/** One adult's sitting with one child, as it stands. */
export interface Sitting {
  readonly key: string;
  readonly id: SittingId;
  readonly staffId: StaffId;
  readonly presence: string;
  readonly child: ChildView;
  /** The child's tries of the last weeks before this sitting, as the server had them when it began. */
  readonly earlier: readonly Trace[];
  /** Tasks the child had met before this sitting. */
  readonly metTasks: readonly string[];
  readonly plan: Plan;
  /** For how long, and with which other question. */
  readonly whole: SittingPlan;
  /** Being planned before the child comes, under way, or being closed. */
  readonly stage: 'planning' | 'sitting' | 'closing';
  /** For which of the child's needs tasks are done otherwise. */
  readonly access: readonly Need[];
  /** ms since the epoch; null while it goes on. */
  readonly pausedAt: number | null;
  readonly pausedMs: number;
  /** Null until the closing page has been opened. */
  readonly closing: Closing | null;
  /** Tries of this sitting, oldest first. */
  readonly tries: readonly SittingTry[];
  /** The last of the tries is the one on the table: counting, or just read. Else the next is being laid. */
  readonly isOpen: boolean;
}

/** A sitting as it is kept: its tries by their ids. */
export type KeptSitting = Omit<Sitting, 'tries'> & { readonly tries: readonly TraceId[] };

export type Phase = 'laying' | 'counting' | 'asked' | 'read';

export interface Now {
  /** ms since the epoch. */
  readonly ms: number;
  /** ISO 8601 with the local offset. */
  readonly iso: string;
  /** A new id, should a try begin. */
  readonly newId: TraceId;
}

export type Action =
  | { readonly kind: 'gesture'; readonly gesture: Gesture }
  | { readonly kind: 'lay'; readonly plan: Partial<Omit<Plan, 'layout'>>; readonly way?: string }
  | { readonly kind: 'turn' }
  | { readonly kind: 'whole-plan'; readonly whole: Partial<SittingPlan> }
  | { readonly kind: 'begin' }
  | { readonly kind: 'pause' }
  | { readonly kind: 'resume' }
  | { readonly kind: 'access'; readonly access: readonly Need[] }
  | { readonly kind: 'mixed-with'; readonly language: string | null }
  | { readonly kind: 'open-closing' }
  | { readonly kind: 'leave-closing' }
  | { readonly kind: 'closing'; readonly closing: Closing }
  | { readonly kind: 'help'; readonly help: Help }
  | { readonly kind: 'answered-by'; readonly answeredBy: AnsweredBy }
  | { readonly kind: 'strategy'; readonly strategy: Strategy | null }
  | { readonly kind: 'end'; readonly ended: Ended }
  | { readonly kind: 'set-aside'; readonly reason: string | null }
  | { readonly kind: 'next-try' };

export function openTry(sitting: Sitting): SittingTry | undefined {
  return sitting.isOpen ? sitting.tries.at(-1) : undefined;
}

export function phaseOf(sitting: Sitting): Phase {
  const open = openTry(sitting);
  if (!open) return 'laying';
  if (open.head.ended !== null) return 'read';
  const asked = settledEvents(open.events).findLast(
    (event) => (event.kind === 'ask' && event.question === 'how-many') || event.kind === 'answer',
  );
  return asked?.kind === 'ask' ? 'asked' : 'counting';
}

/** The sitting after an action: the one place where a sitting changes. */
export function after(sitting: Sitting, action: Action, now: Now): Sitting {
  switch (action.kind) {
    case 'gesture':
      return afterGesture(sitting, action.gesture, now);
    case 'lay':
      return isBetweenTries(sitting) ? relaid(sitting, action.plan, action.way, now) : sitting;
    case 'turn':
      return isBetweenTries(sitting) ? turned(sitting) : sitting;
    case 'whole-plan':
      return { ...sitting, whole: { ...sitting.whole, ...action.whole } };
    case 'begin':
      return { ...sitting, stage: 'sitting' };
    case 'pause':
      return { ...sitting, pausedAt: sitting.pausedAt ?? now.ms };
    case 'resume':
      return resumed(sitting, now);
    case 'access':
      return withAccess(sitting, action.access);
    case 'mixed-with':
      return withHead(sitting, { mixedWith: action.language ?? undefined });
    case 'open-closing':
      return {
        ...ended(sitting, 'interrupted', now, true),
        stage: 'closing',
        closing: closingOf(sitting, now),
      };
    case 'leave-closing':
      return { ...sitting, stage: 'sitting' };
    case 'closing':
      return { ...sitting, closing: action.closing };
    case 'help':
      return withHead(sitting, { help: action.help });
    case 'answered-by':
      return withHead(sitting, { answeredBy: action.answeredBy });
    case 'strategy':
      return withHead(sitting, { strategy: action.strategy ?? undefined });
    case 'set-aside':
      return withHead(sitting, { setAside: action.reason ?? undefined });
    case 'end':
      return ended(sitting, action.ended, now);
    case 'next-try':
      return { ...sitting, isOpen: false };
  }
}

function afterGesture(sitting: Sitting, gesture: Gesture, now: Now): Sitting {
  if (gesture.kind === 'undo') return afterUndo(sitting, now);
  const begun = sitting.isOpen ? sitting : begin(sitting, gesture, now);
  const question = implicitQuestion(taskIn(begun), gesture, openTry(begun)!.events);
  const asked = question === null ? begun : recorded(begun, { kind: 'ask', question }, now);
  const after = recorded(asked, gesture, now);
  // A question opens the try again: the things still lie there.
  if (gesture.kind === 'ask') return withHead(after, { ended: null });
  if (openTry(after)?.head.ended !== null) return planned(after, now);
  return endsTheTry(gesture, after) ? ended(after, 'finished', now) : after;
}

const recorded = (sitting: Sitting, gesture: Gesture, now: Now): Sitting =>
  withEvents(sitting, (open) => record(soFar(open), gesture, momentOf(open, now)));

const taskIn = (sitting: Sitting) => taskOf(openTry(sitting)?.head.task ?? sitting.plan.task);

const isBetweenTries = (sitting: Sitting): boolean => !sitting.isOpen || phaseOf(sitting) === 'read';

/** The last answer that is asked for does, and a whole count entered in one tap where nothing is asked after it. */
function endsTheTry(gesture: Gesture, sitting: Sitting): boolean {
  const task = taskIn(sitting);
  if (gesture.kind === 'whole') return task.thenSay === undefined && task.kind !== 'answer';
  if (gesture.kind !== 'answer') return false;
  const isOnTheWay = task.midway?.options.some((option) => option.value === gesture.value) ?? false;
  return !isOnTheWay && answersIn(sitting) >= (task.again ? 2 : 1);
}

/** How often "how many?" has been answered in the open try. */
export function answersIn(sitting: Sitting): number {
  return settledEvents(openTry(sitting)?.events ?? []).filter((event) => event.kind === 'answer').length;
}

/** Undo takes back the last step; in a try that has ended, first the ending, with the answer that ended it. */
function afterUndo(sitting: Sitting, now: Now): Sitting {
  const open = openTry(sitting);
  if (!open) return sitting;
  const last = lastStanding(open.events);
  if (open.head.ended !== null && last?.kind !== 'answer') return withHead(sitting, { ended: null });
  const isWholeAsItWas = open.head.whole && (last?.kind === 'count' || last?.kind === 'say');
  const undone = withEvents(sitting, () =>
    isWholeAsItWas
      ? undoWhole(soFar(open), momentOf(open, now))
      : record(soFar(open), { kind: 'undo' }, momentOf(open, now)),
  );
  return withHead(undone, { ended: null, ...(isWholeAsItWas && { whole: undefined }) });
}

function begin(sitting: Sitting, gesture: Gesture, now: Now): Sitting {
  const { plan, child } = sitting;
  const task = taskOf(plan.task);
  const head: TryHead = {
    childId: child.id,
    sittingId: sitting.id,
    recordedBy: sitting.staffId,
    startedAt: now.iso,
    task: plan.task,
    language: plan.language,
    set: setOf(task, plan.size, plan.things, plan.layout) as TryHead['set'],
    start: task.start ?? 1,
    direction: 1,
    target: plan.size,
    ...(task.choosing && { choices: task.choosing.options.length }),
    help: 'none',
    answeredBy: 'alone',
    firstTime:
      !sitting.metTasks.includes(plan.task) && sitting.tries.every((one) => one.head.task !== plan.task),
    ended: null,
    ...headAccess(sitting.access),
    ...(gesture.kind === 'whole' && { whole: true as const }),
  };
  const begun = { id: now.newId, head, revision: 0, presence: sitting.presence, events: [] };
  return { ...sitting, stage: 'sitting', tries: [...sitting.tries, begun], isOpen: true };
}

const headAccess = (access: readonly Need[]): Pick<TryHead, 'access'> =>
  access.length > 0 ? { access } : {};

/**
 * The plan with what is generated for it: by the sitting and the place of the try in it, so that the
 * same plan is laid again after a reload; the task's ways by turns, unless one is chosen.
 */
export function laid(sitting: Pick<Sitting, 'id' | 'tries'>, plan: Plan, way?: string): Plan {
  const task = taskOf(plan.task);
  const size = sizeFor(task, plan.size);
  const before = sitting.tries.filter((one) => one.head.task === task.id).length;
  const chosen = way ?? task.ways?.[before % task.ways.length]?.id;
  const seed = (seedFrom(sitting.id) + sitting.tries.length) % 2 ** 31;
  const things = task.only ?? plan.things;
  const made = layoutFor(task, size, things, seed, chosen);
  // What lies turned to match the table stays so.
  const turn = plan.layout?.turn;
  return { ...plan, size, things, layout: made && turn !== undefined ? { ...made, turn } : made };
}

/** Another task, number or things; before the first try the other question goes with the task. */
function relaid(
  sitting: Sitting,
  change: Partial<Omit<Plan, 'layout'>>,
  way: string | undefined,
  now: Now,
): Sitting {
  const plan = laid(sitting, { ...sitting.plan, ...change }, way);
  const isOtherTask = change.task !== undefined && change.task !== sitting.plan.task;
  if (sitting.stage !== 'planning' || !isOtherTask || sitting.whole.other === null)
    return { ...sitting, plan };
  const other = otherQuestion(plan.task, sitting.earlier, now.iso.slice(0, 10));
  return { ...sitting, plan, whole: { ...sitting.whole, other } };
}

/** What is done otherwise; a child whose attention goes sooner gets few things and short minutes, planned so. */
function withAccess(sitting: Sitting, access: readonly Need[]): Sitting {
  const changed = withHead({ ...sitting, access }, { access: access.length > 0 ? access : undefined });
  const isNewlyShort = access.includes('attention') && !sitting.access.includes('attention');
  if (sitting.stage !== 'planning' || !isNewlyShort) return changed;
  const size = Math.min(sitting.plan.size, figure.thingsOfShort);
  return {
    ...changed,
    plan: laid(sitting, { ...sitting.plan, size }),
    whole: { minutes: figure.minutesOfShort, other: null },
  };
}

const eighths = 8;

function turned(sitting: Sitting): Sitting {
  const { plan } = sitting;
  const turn = ((plan.layout?.turn ?? 0) + 1) % eighths;
  return { ...sitting, plan: { ...plan, layout: { ...plan.layout, turn } } };
}

function resumed(sitting: Sitting, now: Now): Sitting {
  const since = sitting.pausedAt === null ? 0 : now.ms - sitting.pausedAt;
  return { ...sitting, pausedAt: null, pausedMs: sitting.pausedMs + since };
}

/** Ends the open try and plans the next; a sitting without one stays as it is. */
function ended(sitting: Sitting, how: Ended, now: Now, onlyIfGoing = false): Sitting {
  const open = openTry(sitting);
  if (!open || (onlyIfGoing && open.head.ended !== null)) return sitting;
  return planned(withHead(sitting, { ended: how }), now);
}

/** The tries of the sitting as the core reads them. */
export function tracesOf(sitting: Sitting): readonly Trace[] {
  return sitting.tries.map(({ id, head, events }): Trace => ({
    ...head,
    ended: head.ended ?? 'interrupted',
    id,
    events,
  }));
}

/** What the sitting changed; lines that the adult has already put otherwise keep her words. */
function closingOf(sitting: Sitting, now: Now): Closing {
  const { earlier, child, closing } = sitting;
  const { changed, open } = sittingChanges(
    earlier,
    tracesOf(sitting),
    now.iso.slice(0, 10),
    child.firstName,
    {
      birthDate: child.birthDate,
    },
  );
  const before = new Map(closing?.changed.map((line) => [line.told, line]));
  return {
    changed: changed.map((told) => before.get(told) ?? { told, words: told }),
    open,
    note: closing?.note ?? '',
  };
}

/** What to put next, by all that is known as it now stands. */
function planned(sitting: Sitting, now: Now): Sitting {
  const { earlier, child, whole, pausedMs, access, plan } = sitting;
  const { task, n, things, why } = nextInSitting({
    earlier,
    tries: tracesOf(sitting),
    birthDate: child.birthDate,
    plan: whole,
    pausedMs,
    most: access.includes('attention') ? figure.thingsOfShort : null,
    now: now.iso,
  });
  return { ...sitting, plan: laid(sitting, { ...plan, task, size: n, things, why }) };
}

function withEvents(sitting: Sitting, eventsOf: (open: SittingTry) => readonly TraceEvent[]): Sitting {
  return withOpenTry(sitting, (open) => ({ ...open, events: [...open.events, ...eventsOf(open)] }));
}

function withHead(sitting: Sitting, change: Partial<TryHead>): Sitting {
  return withOpenTry(sitting, (open) => ({
    ...open,
    head: { ...open.head, ...change },
    revision: open.revision + 1,
  }));
}

function withOpenTry(sitting: Sitting, change: (open: SittingTry) => SittingTry): Sitting {
  const open = openTry(sitting);
  return open ? { ...sitting, tries: [...sitting.tries.slice(0, -1), change(open)] } : sitting;
}

const soFar = (open: SittingTry) => ({
  events: open.events,
  start: open.head.start,
  direction: open.head.direction,
  spoken: open.head.set.arrangement === 'none',
  places: open.head.set.layout?.places ?? 0,
});

const momentOf = (open: SittingTry, now: Now) => ({
  t: Math.max(0, now.ms - Date.parse(open.head.startedAt)),
  by: open.head.recordedBy,
  at: now.iso,
});
