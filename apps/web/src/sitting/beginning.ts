import type { TryHead } from '@dotting/contract';
import { captureKinds, choicesIn, runOf, setOf, type Gesture, type Need } from '@dotting/core';
import type { Now } from './now.js';
import { startOf, targetOf, taskIn, type Sitting } from '../outbox/sitting.js';

/** The try that a first gesture begins, as planned. */
export function begin(sitting: Sitting, gesture: Gesture, now: Now): Sitting {
  const { plan, child } = sitting;
  const task = taskIn(plan);
  const met = plan.own?.id ?? plan.task;
  const choices = choicesIn(task, plan.layout);
  const head: TryHead = {
    childId: child.id,
    sittingId: sitting.id,
    recordedBy: sitting.staffId,
    startedAt: now.iso,
    task: plan.task,
    ...(plan.own && { own: plan.own.id }),
    language: plan.language,
    version: 2,
    set: setOf(task, plan.size, plan.things, plan.layout) as TryHead['set'],
    start: startOf(plan),
    ...(plan.step !== undefined && plan.step !== 1 && { step: plan.step }),
    ...(captureKinds[task.kind].asksForWords && plan.second !== undefined && { second: plan.second }),
    direction: runOf(task, plan.size).direction,
    // Of a handful nobody knows it, and of an empty set there is none.
    ...((plan.size > 0 || plan.layout?.cards || plan.layout?.writing) &&
      !plan.layout?.handful && { target: targetOf(plan) }),
    ...(choices && { choices: choices.length }),
    help: 'none',
    answeredBy: 'alone',
    firstTime:
      !sitting.metTasks.includes(met) && sitting.tries.every(({ head }) => (head.own ?? head.task) !== met),
    ended: null,
    ...headAccess(sitting.access),
    ...(gesture.kind === 'whole' && { whole: true as const }),
  };
  const begun = { id: now.newId, head, revision: 0, presence: sitting.presence, events: [] };
  return { ...sitting, stage: 'sitting', tries: [...sitting.tries, begun], isOpen: true };
}

const headAccess = (access: readonly Need[]): Pick<TryHead, 'access'> =>
  access.length > 0 ? { access } : {};
