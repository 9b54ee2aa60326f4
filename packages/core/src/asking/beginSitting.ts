import { figure } from '../common/parameters.js';
import { ageInMonths } from '../shelf/cautions.js';
import { counterKinds } from '../shelf/counters.js';
import { captureKinds } from '../shelf/kinds/kinds.js';
import { taskOf, type TaskId } from '../shelf/tasks.js';
import type { SittingId } from '../trace/ids.js';
import type { Trace } from '../trace/trace.js';
import type { Asking } from './asking.js';
import { easyTry } from './easyTry.js';
import { otherQuestion } from './planSitting.js';
import { tooMuchLastTime, type TooMuch } from './tooMuch.js';

/** What a sitting is planned to be: one skill, and at most one other question on the things that lie there. */
export interface SittingPlan {
  readonly minutes: number;
  /** What the sitting is for; an easy one comes before it. */
  readonly main: TaskId;
  readonly other: TaskId | null;
  /** One number all round: these, each once, and nothing else. */
  readonly round?: { readonly n: number; readonly tasks: readonly TaskId[] };
}

/** What a sitting is planned from. */
export interface SittingToBegin {
  /** The step that was chosen: what the sitting is for. */
  readonly step: { readonly task: TaskId; readonly n: number };
  /** Tries of the child before this sitting, as far back as the device has them. */
  readonly earlier: readonly Trace[];
  readonly birthDate: string | null;
  readonly language: string;
  /** YYYY-MM-DD. */
  readonly day: string;
  readonly minutes: number;
  /** The largest number to ask, where the child needs few things; null for what the task allows. */
  readonly most: number | null;
  /** Kinds of things that may be laid for the child. */
  readonly kinds?: readonly string[];
}

export interface BegunSitting {
  /** What is put first: an easy one, or the step itself where that is easy. */
  readonly first: { readonly task: TaskId; readonly n: number; readonly isStep: boolean };
  readonly plan: SittingPlan;
  /** The last sit-down was too much: this one is shorter, easier and with other things. */
  readonly gently: TooMuch | null;
}

/**
 * Plans a sitting: first a try that will go well, then the step that was chosen, then one other question that
 * has waited longest. A child who needs few things is asked nothing else, nor is one for whom the last sit-down
 * was too much.
 */
export function beginSitting(sitting: SittingToBegin): BegunSitting {
  const { step, earlier, birthDate, language, day, kinds = counterKinds } = sitting;
  const gently = tooMuchLastTime(earlier, day);
  const minutes = gently ? Math.min(sitting.minutes, figure.minutesOfShort) : sitting.minutes;
  const most = leastOf(sitting.most, gently?.most);
  const asking: Asking = {
    tries: earlier,
    sittingId: '' as SittingId,
    day,
    language,
    months: birthDate === null ? null : ageInMonths(birthDate, day),
    arrangements: [taskOf(step.task).arrangement],
    things: kinds,
    largest: most ?? captureKinds.say.most,
    secondsLeft: 60 * figure.minutesOfSitting,
  };
  const { task, n } = easyTry(taskOf(step.task), asking, Math.min(step.n, most ?? Infinity));
  const other = most === null ? otherQuestion(step.task, asking) : null;
  return {
    first: { task, n, isStep: task === step.task && n === step.n },
    plan: { minutes, main: step.task, other },
    gently,
  };
}

/** The smaller of two numbers to ask at most, where there are any. */
export const leastOf = (most: number | null, other: number | undefined): number | null =>
  other === undefined ? most : Math.min(most ?? Infinity, other);
