import { captureKinds, laysThings, type Phase, type Schools } from '@dotting/core';
import { numbersIn, ownTaskWords, taskWords, type TaskWords } from '@dotting/words';
import { taskIn, type Plan } from '../../outbox/sitting.js';
import { words } from '../../wording/all.js';

/** What to say now, and what not to. */
export interface Script {
  readonly say: string;
  readonly then: string | null;
  readonly avoid: string;
}

/** What there is to say of a plan’s task: the shelf’s words, or those of whoever wrote it. */
export const planWords = ({ task, own }: Pick<Plan, 'task' | 'own'>): TaskWords =>
  own ? ownTaskWords(words, own) : taskWords(words, task);

/** What there is to say of the way in which it is put. */
export const wayWords = (plan: Plan) => planWords(plan).ways?.[plan.layout?.way ?? ''];

export interface Standing {
  readonly phase: Phase;
  /** It is asked how many more fill the frame. */
  readonly asksMore: boolean;
  /** The room’s ways, or the child’s own. */
  readonly schools: Schools;
  /** Of a task that asks twice: the first question has been answered. */
  readonly hasAnswered: boolean;
  /** Everything has been put to its place. */
  readonly hasPut: boolean;
}

/** What to say where the adult has chosen another start, or steps; null for as the task has it. */
function otherwiseBegun({ start, step = 1, ...plan }: Plan): string | null {
  const { say } = words;
  if (step !== 1) return laysThings(taskIn(plan)) ? say.bySteps({ step }) : say.saidBySteps({ step });
  if (start === 0) return say.fromNought();
  return start === 'any' ? say.fromAnywhere() : null;
}

/** The lines for how the try stands; after it, those of the next. */
export function scriptFor(plan: Plan, standing: Standing): Script {
  const { phase, hasAnswered, hasPut } = standing;
  const task = taskIn(plan);
  const { kind, midway } = task;
  const told = planWords(plan);
  const way = wayWords(plan);
  const n = numbersIn(plan.size, plan.layout, standing.schools);
  // Where a count is always checked, the things are covered before it is asked how many.
  const covers =
    standing.schools.checks === 'always' &&
    (phase === 'laying' || phase === 'counting') &&
    captureKinds[kind].asksHowMany;
  const avoid = [told.avoid(n), ...(covers && laysThings(task) ? [words.say.coverFirst()] : [])].join(' ');
  if (phase !== 'read' && hasAnswered && told.again) {
    return { say: told.again.say(), then: null, avoid: (way?.setOut ?? told.again.setOut)(n) };
  }
  if (phase === 'asked' && task.asksMore && standing.asksMore) {
    return { say: words.say.howManyMore(), then: null, avoid: words.say.askOnce() };
  }
  if (phase === 'asked' && captureKinds[kind].asksHowMany) {
    return { say: words.say.howMany(), then: null, avoid: words.say.askOnce() };
  }
  if (phase === 'counting' && captureKinds[kind].slipsOf.putting && hasPut) {
    return { say: (told.choosing?.question ?? words.say.nowCount)(), then: null, avoid };
  }
  const then =
    told.thenSay?.(n) ?? told.again?.say() ?? (midway ? told.midway?.question() : undefined) ?? null;
  return { say: otherwiseBegun(plan) ?? (way?.say ?? told.say)(n), then, avoid };
}
