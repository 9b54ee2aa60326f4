import { chance, seededUuid, type Random } from '../common/random.js';
import { comparedPairs } from '../comparing/comparedPairs.js';
import { tellingSeed } from '../comparing/tellingSeed.js';
import { figure } from '../common/parameters.js';
import { counterKinds } from '../shelf/counters.js';
import { layoutFor } from '../shelf/layout.js';
import { choicesIn, runOf, setOf, taskOf, type Task, type TaskId } from '../shelf/tasks.js';
import type { ChildId, SittingId, StaffId, TraceId } from '../trace/ids.js';
import { mixedUpWith } from '../evidence/mixedUp.js';
import type { Hand, Trace, TraySet } from '../trace/trace.js';
import type { HiddenAbility } from './child.js';
import { simulateTry, putOf } from './simulateTry.js';

/** A task to be put at a number, in one of its ways. */
export interface Asked {
  readonly task: TaskId;
  readonly n: number;
  readonly way?: string;
}

export interface SimulatedSittings {
  readonly childId: ChildId;
  readonly adults: readonly StaffId[];
  readonly language: string;
  readonly ability: HiddenAbility;
  /** The hand it writes with, where it is known. */
  readonly hand?: Hand | null;
  /** Each sit-down: ISO 8601 with offset, and what is asked in it. */
  readonly sittings: readonly { readonly at: string; readonly asked: readonly Asked[] }[];
}

const tryMs = 40_000;

/** Sit-downs with tasks that are given; sets to compare are laid as the app chooses them. */
export function simulateSittings(plan: SimulatedSittings, random: Random): readonly Trace[] {
  const traces: Trace[] = [];
  for (const [sitting, { at, asked }] of plan.sittings.entries()) {
    const sittingId = seededUuid(random) as SittingId;
    for (const [i, { task: id, n, way }] of asked.entries()) {
      const task = taskOf(id);
      const things = task.only ?? 'cork';
      const drawn = Math.floor(random() * 1e6);
      const seed = tellingSeed(task, n, things, drawn, way, { kinds: counterKinds }, comparedPairs(traces));
      const set = setOf(
        task,
        n,
        things,
        layoutFor(task, n, things, seed, way, { mixedUp: mixedUpWith(n, traces), hand: plan.hand ?? null }),
      );
      const { events, ended } = simulateTry(
        plan.ability,
        putOf({ task, set, n, asksHowMany: false }),
        random,
      );
      traces.push({
        id: seededUuid(random) as TraceId,
        childId: plan.childId,
        sittingId,
        recordedBy: plan.adults[sitting % plan.adults.length]!,
        startedAt: new Date(Date.parse(at) + i * tryMs).toISOString().replace('Z', '+00:00'),
        task: id,
        language: plan.language,
        version: 2,
        set,
        ...runOf(task, n),
        ...choicesOfTry(task, set),
        ...(set.layout?.patterns?.length === 1 && { shownMs: figure.shownFor }),
        help: 'none',
        answeredBy: 'alone',
        firstTime: traces.every((one) => one.task !== id),
        ended,
        ...(task.wantsReason && chance(random, 0.3) && { reason: 'looks-it' as const }),
        events,
      });
    }
  }
  return traces;
}

const choicesOfTry = (task: Task, { layout }: TraySet): Pick<Trace, 'choices'> => {
  const choices = choicesIn(task, layout);
  return choices ? { choices: choices.length } : {};
};

/** Six pairs a sit-down: which has more and which has fewer by turns. */
export const pairsAsked = (sitting: number): readonly Asked[] =>
  Array.from({ length: 6 }, (_, i) => ({
    task: sitting % 2 === 0 ? 'which-more' : 'which-fewer',
    n: 4 + ((i * 3) % 5),
  }));
