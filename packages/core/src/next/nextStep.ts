import { outcomesFor, type Skill } from '../evidence/outcomes.js';
import { readTry } from '../reading/readTry.js';
import { otherCounter } from '../shelf/counters.js';
import { describeSet, largestSize, taskOf, type TaskId } from '../shelf/tasks.js';
import type { TraceId } from '../trace/ids.js';
import type { Trace, TraySet } from '../trace/trace.js';
import { tryWeight } from '../weight/tryWeight.js';
import { teachingMoves, type TellingSlip } from './moves.js';

/** The one thing to do next with a child, and why. */
export interface NextStep {
  readonly task: TaskId;
  readonly set: Pick<TraySet, 'size' | 'things' | 'arrangement'>;
  /** "6 corks to move aside". */
  readonly title: string;
  /** One plain sentence naming the evidence. */
  readonly why: string;
  /** The tries the reason rests on. */
  readonly tries: readonly TraceId[];
}

const FIRST_SIZE = 3;
/** So many of the latest tries are asked for slips. */
const LOOK_BACK = 6;

/**
 * One next step by a simple rule from the slips seen, until estimates choose it: the commonest slip
 * of the latest tries that counted, at one size down and with its teaching move; with no slip, the
 * same number with other things until it is steady, then one up; with no try at all, three in a row.
 */
export function nextStep(traces: readonly Trace[]): NextStep {
  const counted = traces
    .filter((trace) => tryWeight(trace).miss > 0 || tryWeight(trace).success > 0)
    .toSorted((a, b) => (a.startedAt < b.startedAt ? 1 : -1));
  const latest = counted.filter((trace) => taskOf(trace.task).kind === 'count').slice(0, LOOK_BACK);
  if (latest.length === 0) return firstStep();
  const slip = commonestSlip(latest);
  if (slip) return stepAgainst(slip, latest);
  return latest.some((trace) => readTry(trace).total?.shown === true)
    ? stepUp(latest)
    : askHowMany(latest[0]!);
}

function firstStep(): NextStep {
  return step(
    'count-row',
    FIRST_SIZE,
    'cork',
    'Nobody has looked yet: three in a row is a kind beginning.',
    [],
  );
}

interface SeenSlip {
  readonly kind: TellingSlip;
  readonly traces: readonly Trace[];
}

/** The slip seen in most of the tries; of equals the one seen last. A slip not seen again since is gone. */
function commonestSlip(latest: readonly Trace[]): SeenSlip | null {
  const byKind = new Map<TellingSlip, Trace[]>();
  for (const trace of latest) {
    if (tryWeight(trace).miss === 0) continue;
    for (const kind of slipKinds(trace)) byKind.set(kind, [...(byKind.get(kind) ?? []), trace]);
  }
  const seen = [...byKind].map(([kind, traces]) => ({ kind, traces }));
  if (seen.length === 0) return null;
  return seen.reduce((one, other) => (other.traces.length > one.traces.length ? other : one));
}

function slipKinds(trace: Trace): ReadonlySet<TellingSlip> {
  const { order, pairing, total } = readTry(trace);
  return new Set<TellingSlip>([
    ...(pairing?.slips ?? []).map((slip) => slip.kind),
    ...order.slips.map((slip) => slip.kind),
    ...(total?.shown === false ? [total.kind] : []),
  ]);
}

function stepAgainst(slip: SeenSlip, latest: readonly Trace[]): NextStep {
  const trace = slip.traces[0]!;
  const { saw, move } = teachingMoves[slip.kind];
  const size = Math.max(FIRST_SIZE, Math.min(...slip.traces.map(numberOf)) - 1);
  const task = taskAgainst(slip.kind);
  const times =
    slip.traces.length === 1 ? '' : `, in ${slip.traces.length} of the last ${latest.length} tries`;
  const why = `With ${describeSet(trace.set, trace.target)}: ${saw}${times}. Try ${move}.`;
  return step(
    task,
    size,
    trace.set.things,
    why,
    slip.traces.map((each) => each.id),
  );
}

/** The number a try was about, where words alone were asked for the one to say. */
function numberOf(trace: Trace): number {
  const n = trace.set.arrangement === 'none' ? (trace.target ?? FIRST_SIZE) : trace.set.size;
  return Math.min(n, largestSize);
}

function taskAgainst(slip: TellingSlip): TaskId {
  return slip === 'recounted' || slip === 'other' ? 'how-many' : 'count-aside';
}

function askHowMany(trace: Trace): NextStep {
  const why = `Counted ${describeSet(trace.set, trace.target)} without a slip, but nobody has asked how many: does the last word answer it?`;
  return step('how-many', Math.min(trace.set.size, 5), trace.set.things, why, [trace.id]);
}

function stepUp(latest: readonly Trace[]): NextStep {
  const trace = latest[0]!;
  const task = taskOf(trace.task);
  const skill: Skill = task.arrangement === 'movable' ? 'one-to-one-aside' : 'one-to-one-row';
  const size = trace.set.size;
  const atSize = outcomesFor(skill, latest).filter((outcome) => outcome.n === size && outcome.holds);
  const things = otherCounter(trace.set.things);
  const evidence = atSize.map((outcome) => outcome.traceId);
  if (new Set(atSize.map((outcome) => outcome.things)).size < 2) {
    const why = `Counted ${describeSet(trace.set, trace.target)} without a slip: see whether ${size} holds with other things.`;
    return step(task.id, size, things, why, evidence);
  }
  const why = `Counted ${size} without a slip with two kinds of things: one more.`;
  return step(task.id, Math.min(size + 1, largestSize), things, why, evidence);
}

function step(task: TaskId, size: number, things: string, why: string, tries: readonly TraceId[]): NextStep {
  const set = { size, things, arrangement: taskOf(task).arrangement };
  return { task, set, title: describeSet(set), why, tries };
}
