import type { ChildView, TryHead } from '@dotting/contract';
import {
  lastStanding,
  nextInSitting,
  record,
  settledEvents,
  setOf,
  taskOf,
  undoWhole,
  type AnsweredBy,
  type Ended,
  type Gesture,
  type Help,
  type SittingId,
  type StaffId,
  type Strategy,
  type TaskId,
  type Trace,
  type TraceEvent,
  type TraceId,
} from '@dotting/core';

/** What lies on the tray, or is to be laid, and why. */
export interface Plan {
  readonly task: TaskId;
  readonly size: number;
  readonly things: string;
  readonly why: string;
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
  | { readonly kind: 'lay'; readonly plan: Partial<Plan> }
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
      return sitting.isOpen && phaseOf(sitting) !== 'read'
        ? sitting
        : { ...sitting, plan: { ...sitting.plan, ...action.plan } };
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
  const recorded = withEvents(begun, (open) => record(soFar(open), gesture, momentOf(open, now)));
  // A question opens the try again: the things still lie there.
  if (gesture.kind === 'ask-how-many') return withHead(recorded, { ended: null });
  if (openTry(recorded)?.head.ended !== null) return planned(recorded, now);
  return endsTheTry(gesture, recorded) ? ended(recorded, 'finished', now) : recorded;
}

/** The last answer that is asked for does, and a whole count entered in one tap where nothing is asked after it. */
function endsTheTry(gesture: Gesture, sitting: Sitting): boolean {
  const task = taskOf(sitting.plan.task);
  if (gesture.kind === 'whole') return task.thenSay === undefined;
  return gesture.kind === 'answer' && answersIn(sitting) >= (task.again ? 2 : 1);
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
  const isWholeAsItWas = open.head.whole && last?.kind === 'count';
  const undone = withEvents(sitting, () =>
    isWholeAsItWas
      ? undoWhole(soFar(open), momentOf(open, now))
      : record(soFar(open), { kind: 'undo' }, momentOf(open, now)),
  );
  return withHead(undone, { ended: null, ...(isWholeAsItWas && { whole: undefined }) });
}

function begin(sitting: Sitting, gesture: Gesture, now: Now): Sitting {
  const { plan, child } = sitting;
  const head: TryHead = {
    childId: child.id,
    sittingId: sitting.id,
    recordedBy: sitting.staffId,
    startedAt: now.iso,
    task: plan.task,
    language: child.language,
    set: laidSet(sitting),
    start: 1,
    direction: 1,
    target: plan.size,
    help: 'none',
    answeredBy: 'alone',
    firstTime:
      !sitting.metTasks.includes(plan.task) && sitting.tries.every((one) => one.head.task !== plan.task),
    ended: null,
    ...(gesture.kind === 'whole' && { whole: true as const }),
  };
  const begun = { id: now.newId, head, revision: 0, presence: sitting.presence, events: [] };
  return { ...sitting, tries: [...sitting.tries, begun], isOpen: true };
}

/** The set of the plan; a spread with the seed it was drawn from, by its place in the sitting. */
function laidSet({ plan, tries }: Sitting): TryHead['set'] {
  const set = setOf(taskOf(plan.task), plan.size, plan.things);
  return set.arrangement === 'scattered' ? { ...set, layout: { seed: tries.length + 1 } } : set;
}

/** Ends the open try and plans the next; a sitting without one stays as it is. */
function ended(sitting: Sitting, how: Ended, now: Now): Sitting {
  return openTry(sitting) ? planned(withHead(sitting, { ended: how }), now) : sitting;
}

/** What to put next, by all that is known as it now stands. */
function planned(sitting: Sitting, now: Now): Sitting {
  const tries = sitting.tries.map(({ id, head, events }): Trace => ({
    ...head,
    ended: head.ended ?? 'interrupted',
    id,
    events,
  }));
  const { task, n, things, why } = nextInSitting(sitting.earlier, tries, sitting.child.birthDate, now.iso);
  return { ...sitting, plan: { task, size: n, things, why } };
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
});

const momentOf = (open: SittingTry, now: Now) => ({
  t: Math.max(0, now.ms - Date.parse(open.head.startedAt)),
  by: open.head.recordedBy,
  at: now.iso,
});
