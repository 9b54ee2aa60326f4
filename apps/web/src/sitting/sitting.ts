import type { ChildView, TryHead } from '@dotting/contract';
import {
  lastStanding,
  nextInSitting,
  record,
  settledEvents,
  taskOf,
  undoWhole,
  type AnsweredBy,
  type Ended,
  type Gesture,
  type Help,
  type SittingId,
  type StaffId,
  type TaskId,
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
    (event) => event.kind === 'ask' || event.kind === 'answer',
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
    case 'set-aside':
      return withHead(sitting, { setAside: action.reason ?? undefined });
    case 'end':
      return ended(sitting, action.ended);
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
  if (openTry(recorded)?.head.ended !== null) return planned(recorded);
  return endsTheTry(gesture, recorded.plan) ? ended(recorded, 'finished') : recorded;
}

/** An answer does, and a whole count entered in one tap where nothing is asked after it. */
function endsTheTry(gesture: Gesture, plan: Plan): boolean {
  return gesture.kind === 'answer' || (gesture.kind === 'whole' && taskOf(plan.task).thenSay === undefined);
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
    set: { size: plan.size, things: plan.things, arrangement: taskOf(plan.task).arrangement },
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

/** Ends the open try and plans the next; a sitting without one stays as it is. */
function ended(sitting: Sitting, how: Ended): Sitting {
  return openTry(sitting) ? planned(withHead(sitting, { ended: how })) : sitting;
}

/** What to put next, by what the sitting's tries show as they now stand. */
function planned(sitting: Sitting): Sitting {
  const tries = sitting.tries.map(({ id, head, events }) => ({ ...head, id, events }));
  const { task, set, why } = nextInSitting(tries);
  return { ...sitting, plan: { task, size: set.size, things: set.things, why } };
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
});

const momentOf = (open: SittingTry, now: Now) => ({
  t: Math.max(0, now.ms - Date.parse(open.head.startedAt)),
  by: open.head.recordedBy,
  at: now.iso,
});
