import { chance, seededUuid, type Random } from '../common/random.js';
import { comparedPairs } from '../comparing/comparedPairs.js';
import { tellingSeed } from '../comparing/tellingSeed.js';
import { counterKinds } from '../shelf/counters.js';
import { layoutFor } from '../shelf/layout.js';
import { runOf, setOf, taskOf, type TaskId } from '../shelf/tasks.js';
import type { ChildId, SittingId, StaffId, TraceId } from '../trace/ids.js';
import type { Trace } from '../trace/trace.js';
import type { HiddenAbility } from './child.js';
import { simulateTry, putOf } from './simulateTry.js';

export interface SimulatedPairs {
  readonly childId: ChildId;
  readonly adults: readonly StaffId[];
  readonly language: string;
  readonly ability: HiddenAbility;
  /** ISO 8601 with offset, of each sit-down. */
  readonly at: readonly string[];
}

const pairsInSitting = 6;
const pairMs = 40_000;

/** Sit-downs of comparing: which has more, which has fewer by turns, the pairs chosen as the app chooses them. */
export function simulatePairs(plan: SimulatedPairs, random: Random): readonly Trace[] {
  const traces: Trace[] = [];
  for (const [sitting, startsAt] of plan.at.entries()) {
    const sittingId = seededUuid(random) as SittingId;
    const id: TaskId = sitting % 2 === 0 ? 'which-more' : 'which-fewer';
    const task = taskOf(id);
    for (let i = 0; i < pairsInSitting; i++) {
      const n = 4 + ((i * 3) % 5);
      const drawn = Math.floor(random() * 1e6);
      const seed = tellingSeed(task, n, 'cork', drawn, undefined, counterKinds, comparedPairs(traces));
      const set = setOf(task, n, 'cork', layoutFor(task, n, 'cork', seed, undefined, counterKinds));
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
        startedAt: new Date(Date.parse(startsAt) + i * pairMs).toISOString().replace('Z', '+00:00'),
        task: id,
        language: plan.language,
        version: 2,
        set,
        ...runOf(task, n),
        choices: 2,
        help: 'none',
        answeredBy: 'alone',
        firstTime: sitting === 0 && i === 0,
        ended,
        ...(chance(random, 0.3) && { reason: 'looks-it' as const }),
        events,
      });
    }
  }
  return traces;
}
