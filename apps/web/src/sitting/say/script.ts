import { howManyQuestion, taskOf, type Way } from '@dotting/core';
import type { Phase, Plan } from '../sitting.js';

/** What to say now, and what not to. */
export interface Script {
  readonly say: string;
  readonly then: string | null;
  readonly avoid: string;
}

/** Which of its task's ways a plan is put in. */
export function wayOf({ task, layout }: Plan): Way | undefined {
  return taskOf(task).ways?.find((way) => way.id === layout?.way);
}

export interface Standing {
  readonly phase: Phase;
  /** Of a task that asks twice: the first question has been answered. */
  readonly hasAnswered: boolean;
  /** Everything has been put to its place. */
  readonly hasPut: boolean;
}

/** The lines for how the try stands; after it, those of the next. */
export function scriptFor(plan: Plan, { phase, hasAnswered, hasPut }: Standing): Script {
  const task = taskOf(plan.task);
  const way = wayOf(plan);
  const say = (way?.say ?? task.say).replace('{n}', String(plan.size));
  if (phase !== 'read' && hasAnswered && task.again) {
    return { say: task.again.say, then: null, avoid: way?.lay ?? task.again.lay };
  }
  if (phase === 'asked' && task.kind === 'count') {
    return { say: howManyQuestion, then: null, avoid: 'Ask once, as if you did not know.' };
  }
  if (phase === 'counting' && task.kind === 'share' && hasPut) {
    return { say: task.choosing?.question ?? 'Now count them for me.', then: null, avoid: task.avoid };
  }
  const then = task.thenSay ?? task.again?.say ?? task.midway?.question ?? null;
  return { say, then, avoid: task.avoid };
}
