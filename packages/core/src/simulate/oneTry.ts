import { seededRandom, seededUuid, seedFrom } from '../common/random.js';
import { layoutFor, type Around } from '../shelf/layout.js';
import { choicesIn, runOf, setOf, type Task } from '../shelf/tasks.js';
import type { ChildId, SittingId, StaffId, TraceId } from '../trace/ids.js';
import type { Trace } from '../trace/trace.js';
import type { HiddenAbility } from './child.js';
import { putOf, simulateTry } from './simulateTry.js';

/** What is put to a made-up child. */
export interface PutOnce {
  readonly task: Task;
  readonly n: number;
  readonly things: string;
  readonly around: Around;
}

/** One try of a made-up child, as it would stand on record; the same for the same seed. */
export function oneTry(ability: HiddenAbility, put: PutOnce, startedAt: string, seed: number): Trace {
  const { task, n, things, around } = put;
  const random = seededRandom(seedFrom(`${task.id} ${n} ${seed}`));
  const way = task.ways?.[seed % task.ways.length];
  const set = setOf(task, n, things, layoutFor(task, n, things, seed, way, around));
  const asksHowMany = task.thenAsks === true;
  const { events, ended } = simulateTry(ability, putOf({ task, set, n, asksHowMany }), random);
  const choices = choicesIn(task, set.layout);
  return {
    id: seededUuid(random) as TraceId,
    childId: seededUuid(random) as ChildId,
    sittingId: seededUuid(random) as SittingId,
    recordedBy: seededUuid(random) as StaffId,
    startedAt,
    task: task.id,
    language: 'en',
    version: 2,
    set,
    ...runOf(task, n),
    ...(choices && { choices: choices.length }),
    help: 'none',
    answeredBy: 'alone',
    firstTime: true,
    ended,
    events,
  };
}
