import { readChoice } from '../choosing/readChoice.js';
import { observationsOf } from '../evidence/observations.js';
import { gaveAll } from '../giving/readGiving.js';
import { readTry } from '../reading/readTry.js';
import { readSharing } from '../sharing/readSharing.js';
import type { SkillEntry } from '../skills/map.js';
import { tasks, type Task } from '../shelf/tasks.js';
import type { Trace } from '../trace/trace.js';
import { tryWeight } from '../weight/tryWeight.js';
import type { TellingSlip } from './moves.js';

/** The tasks of the shelf that look at a skill. */
export function tasksFor({ read }: SkillEntry): readonly Task[] {
  if (!read) return [];
  return tasks.filter(
    (task) => task.looksAt === read.by && (!('arrangement' in read) || task.arrangement === read.arrangement),
  );
}

/** Whether a try says anything of a skill. */
export function looksAt({ read }: SkillEntry, trace: Trace): boolean {
  if (!read) return false;
  const { order, tracking, fetch, countOut, principles } = observationsOf(trace);
  switch (read.by) {
    case 'order':
      return order !== null;
    case 'one-to-one':
      return tracking !== null && trace.set.arrangement === read.arrangement;
    case 'fetch':
      return fetch !== null;
    case 'count-out':
      return countOut !== null;
    default:
      return principles[read.by] !== null;
  }
}

/** The slips of a try that speak of a skill. */
export function slipsOf({ read }: SkillEntry, trace: Trace): ReadonlySet<TellingSlip> {
  if (!read || tryWeight(trace).miss === 0) return new Set();
  const { order, pairing, total } = readTry(trace);
  switch (read.by) {
    case 'order':
    case 'teens':
      return new Set(order.slips.map((slip) => slip.kind));
    case 'one-to-one':
      return new Set(pairing?.slips.map((slip) => slip.kind));
    case 'last-word':
      return new Set(total?.shown === false ? [total.kind] : []);
    case 'conservation':
    case 'order-irrelevance':
      return new Set(observationsOf(trace).principles[read.by]?.success === false ? ['counted-again'] : []);
    case 'matching':
      return new Set(readSharing(trace)?.slips.map((slip) => slip.kind));
    case 'order-judged':
    case 'one-to-one-judged':
      return new Set(readChoice(trace)?.right === false ? ['chose-another'] : []);
    default:
      return new Set(gaveAll(trace) === false ? ['gave-another-number'] : []);
  }
}

/** So many of the latest tries are asked for slips. */
const LOOK_BACK = 6;

export interface Obstacle {
  readonly slip: TellingSlip;
  readonly traces: readonly Trace[];
  /** Tries that were looked at for it. */
  readonly of: number;
}

/** What stands in the way of a skill: the slip in most of its latest tries, of equals the one seen last. */
export function obstacleIn(skill: SkillEntry, looks: readonly Trace[]): Obstacle | null {
  const latest = looks.toSorted((a, b) => (a.startedAt < b.startedAt ? 1 : -1)).slice(0, LOOK_BACK);
  const seen = new Map<TellingSlip, Trace[]>();
  for (const trace of latest) {
    for (const slip of slipsOf(skill, trace)) seen.set(slip, [...(seen.get(slip) ?? []), trace]);
  }
  const [first, ...rest] = [...seen].map(([slip, traces]) => ({ slip, traces, of: latest.length }));
  if (!first) return null;
  return rest.reduce((one, other) => (other.traces.length > one.traces.length ? other : one), first);
}
