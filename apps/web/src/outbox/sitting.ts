import type { ChildView, ClosingLine, OwnTaskView, OwnThingsView, TryHead } from '@dotting/contract';
import { asCounters, countable } from '@dotting/contract/counters';
import {
  entryOf,
  fittingCounters,
  runOf,
  setOf,
  settledEvents,
  taskOf,
  usualSchools,
  type ChosenStart,
  type CountStep,
  type Layout,
  type Need,
  type Phase,
  type Question,
  type SittingId,
  type Schools,
  type SittingPlan,
  type StaffId,
  type Task,
  type TaskId,
  type Counter,
  type Trace,
  type TraceEvent,
  type TraceId,
} from '@dotting/core';

/** What lies on the tray, or is to be laid, and why. */
export interface Plan {
  readonly task: TaskId;
  /** The room’s own task, where it is one; then the task is that which it goes like. */
  readonly own?: OwnTaskView | undefined;
  readonly size: number;
  readonly things: string;
  readonly why: string;
  /** The language counted in. */
  readonly language: string;
  /** Where the count begins, where not as the task has it. */
  readonly start?: ChosenStart | number | undefined;
  /** By twos, fives or tens. */
  readonly step?: CountStep | undefined;
  /** The other language, where both are said on each thing. */
  readonly second?: string | undefined;
  /** What was generated for it. */
  readonly layout?: Layout | undefined;
}

/** The whole of a sitting as it is planned, and why it is for that. */
export type Whole = SittingPlan & { readonly mainWhy: string };

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
  /** A try has ended since it was planned: what to put next is still to be worked out. */
  readonly isPlanDue: boolean;
  /** For how long, and with which other question. */
  readonly whole: Whole;
  /** Being planned before the child comes, under way, or being closed. */
  readonly stage: 'planning' | 'sitting' | 'closing';
  /** For which of the child's needs tasks are done otherwise. */
  readonly access: readonly Need[];
  /** The room’s ways, or the child’s own; absent in one that was kept before there were any. */
  readonly schools?: Schools;
  /** Kinds of things that the child’s room has added; absent in one that was kept before there were any. */
  readonly ownThings?: readonly OwnThingsView[];
  /** ms since the epoch; null while it goes on. */
  readonly pausedAt: number | null;
  /** The first name of the adult who left it to whoever comes next; absent while it is somebody’s. */
  readonly handedOverBy?: string | undefined;
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

/** The ways that go for the child of a sitting. */
export const schoolsIn = ({ schools = usualSchools }: Pick<Sitting, 'schools'>): Schools => schools;

/** What there is to a plan’s task: as the shelf has it, or as the room has written it. */
export const taskIn = ({ task, own }: Pick<Plan, 'task' | 'own'>): Task =>
  own ? entryOf(own) : taskOf(task);

/** Kinds of things that the room has added, as the core knows them. */
export const ownIn = ({ ownThings = [] }: Pick<Sitting, 'ownThings'>): readonly Counter[] =>
  asCounters(ownThings);

/** Kinds of things that nothing known of the child speaks against, on a day. */
export const kindsIn = (
  { child, ownThings = [] }: Pick<Sitting, 'child' | 'ownThings'>,
  day: string,
): readonly string[] => fittingCounters(child, day, asCounters(countable(ownThings)));

export function openTry(sitting: Sitting): SittingTry | undefined {
  return sitting.isOpen ? sitting.tries.at(-1) : undefined;
}

const wantsNumber: ReadonlySet<Question> = new Set(['how-many', 'hidden', 'next', 'before']);

export function phaseOf(sitting: Sitting): Phase {
  const open = openTry(sitting);
  if (!open) return 'laying';
  if (open.head.ended !== null) return 'read';
  const asked = settledEvents(open.events).findLast(
    (event) => (event.kind === 'ask' && wantsNumber.has(event.question)) || event.kind === 'answer',
  );
  return asked?.kind === 'ask' ? 'asked' : 'counting';
}

/** The number that a plan's count begins from; by steps, the first of them. Wherever the child begins is one until it is known. */
export function startOf({ size, start, step = 1, ...plan }: Plan): number {
  if (typeof start === 'number') return start;
  return step === 1 ? runOf(taskIn(plan), size).start : step;
}

/** Where a plan's count ends. */
export const targetOf = (plan: Plan): number => runOf(taskIn(plan), plan.size).target;

/** The open try as it was laid, or the plan as it is to be. */
export function onTheTable(sitting: Sitting) {
  const { plan } = sitting;
  const open = openTry(sitting);
  const task = open ? taskOf(open.head.task) : taskIn(plan);
  return {
    task,
    set: open?.head.set ?? setOf(task, plan.size, plan.things, plan.layout),
    target: open ? (open.head.target ?? 0) : targetOf(plan),
    events: open?.events ?? [],
  };
}

/** How often "how many?" has been answered in the open try. */
export function answersIn(sitting: Sitting): number {
  return settledEvents(openTry(sitting)?.events ?? []).filter((event) => event.kind === 'answer').length;
}

/** The tries of the sitting as the core reads them. */
export function tracesOf(sitting: Pick<Sitting, 'tries'>): readonly Trace[] {
  return sitting.tries.map(({ id, head, events }): Trace => ({
    ...head,
    ended: head.ended ?? 'interrupted',
    id,
    events,
  }));
}

export function withEvents(sitting: Sitting, eventsOf: (open: SittingTry) => readonly TraceEvent[]): Sitting {
  return withOpenTry(sitting, (open) => ({ ...open, events: [...open.events, ...eventsOf(open)] }));
}

export function withHead(sitting: Sitting, change: Partial<TryHead>): Sitting {
  return withOpenTry(sitting, (open) => ({
    ...open,
    head: { ...open.head, ...change },
    revision: open.revision + 1,
  }));
}

/** What is known of the set only once the try is under way: what was in view, how many there were. */
export function withSet(sitting: Sitting, change: Partial<Pick<TryHead['set'], 'cue' | 'size'>>): Sitting {
  const open = openTry(sitting);
  return open ? withHead(sitting, { set: { ...open.head.set, ...change } }) : sitting;
}

function withOpenTry(sitting: Sitting, change: (open: SittingTry) => SittingTry): Sitting {
  const open = openTry(sitting);
  return open ? { ...sitting, tries: [...sitting.tries.slice(0, -1), change(open)] } : sitting;
}
