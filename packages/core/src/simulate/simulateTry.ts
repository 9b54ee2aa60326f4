import type { Random } from '../common/random.js';
import type { CaptureKind } from '../shelf/captureKind.js';
import type { HiddenAbility } from './child.js';
import { simulatedKinds, type LaidTask, type PutOfKind, type PutToChild } from './kinds.js';
import { TryInProgress, type SimulatedTry } from './tryInProgress.js';

/** What a task, laid so, puts to a child. */
export function putOf(laid: LaidTask): PutToChild {
  const { kind } = laid.task;
  return { kind, ...simulatedKinds[kind].put(laid) } as PutToChild;
}

/** Lets the child have one try, event by event, the way an adult would record it. */
export function simulateTry<Kind extends CaptureKind>(
  ability: HiddenAbility,
  put: PutOfKind<Kind>,
  random: Random,
): SimulatedTry {
  return simulatedKinds[put.kind].take(new TryInProgress(ability, random), put);
}
