import { captureKinds, taskOf, type Phase } from '@dotting/core';
import { taskWords } from '@dotting/words';
import type { Plan } from '../../outbox/sitting.js';
import { words } from '../../wording/words.js';

/** What to say now, and what not to. */
export interface Script {
  readonly say: string;
  readonly then: string | null;
  readonly avoid: string;
}

/** What there is to say of the way in which a plan’s task is put. */
export const wayWords = ({ task, layout }: Plan) => taskWords(words, task).ways?.[layout?.way ?? ''];

export interface Standing {
  readonly phase: Phase;
  /** Of a task that asks twice: the first question has been answered. */
  readonly hasAnswered: boolean;
  /** Everything has been put to its place. */
  readonly hasPut: boolean;
}

/** The lines for how the try stands; after it, those of the next. */
export function scriptFor(plan: Plan, { phase, hasAnswered, hasPut }: Standing): Script {
  const { kind, midway } = taskOf(plan.task);
  const told = taskWords(words, plan.task);
  const way = wayWords(plan);
  const n = { n: plan.size };
  const avoid = told.avoid();
  if (phase !== 'read' && hasAnswered && told.again) {
    return { say: told.again.say(), then: null, avoid: (way?.setOut ?? told.again.setOut)() };
  }
  if (phase === 'asked' && captureKinds[kind].asksHowMany) {
    return { say: words.say.howMany(), then: null, avoid: words.say.askOnce() };
  }
  if (phase === 'counting' && captureKinds[kind].slipsOf.putting && hasPut) {
    return { say: (told.choosing?.question ?? words.say.nowCount)(), then: null, avoid };
  }
  const then =
    told.thenSay?.(n) ?? told.again?.say() ?? (midway ? told.midway?.question() : undefined) ?? null;
  return { say: (way?.say ?? told.say)(n), then, avoid };
}
