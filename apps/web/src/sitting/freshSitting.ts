import type { ChildPage, NextStepView, OwnTaskView, PresentAdult } from '@dotting/contract';
import { otherCounter, roundOf, type SittingId, type TaskId } from '@dotting/core';
import { words } from '../wording/all.js';
import type { Now } from './now.js';
import { begun, dayOfNow, laid } from './planning.js';
import { kindsIn, taskIn, type Sitting } from '../outbox/sitting.js';
import { newId } from '../common/ids.js';

type OfChild = Pick<ChildPage, 'child' | 'ownThings'>;
type Step = Pick<NextStepView, 'task' | 'n' | 'things' | 'why'>;

/** What an adult chose to begin with: a step, or a task alone. */
export type Chosen =
  Step | { readonly task: TaskId; readonly own?: OwnTaskView | undefined } | { readonly round: number };

const roundFor = (n: number): { readonly n: number; readonly tasks: readonly TaskId[] } => ({
  n,
  tasks: roundOf(n),
});

/** What was chosen, with all that a step needs. */
function chosenStep(chosen: Chosen, child: OfChild, now: Now): Step {
  if ('n' in chosen) return chosen;
  if ('task' in chosen) return atFirst(chosen, child, words.plan.ownChoice(), now);
  const { n, tasks } = roundFor(chosen.round);
  return { ...atFirst({ task: tasks[0]! }, child, words.plan.allRound({ n }), now), n };
}

/** A task that nothing else is known of with this child: at its first number, with things that fit. */
const atFirst = (
  of: { readonly task: TaskId; readonly own?: OwnTaskView | undefined },
  child: OfChild,
  why: string,
  now: Now,
): Step => {
  const task = taskIn(of);
  return {
    task: of.task,
    n: task.ladder[0]!,
    things: task.only ?? kindsIn(child, dayOfNow(now))[0]!,
    why,
  };
};

/**
 * A sitting before its first try: for the step that was chosen or comes first, in the minutes the child has,
 * beginning with one that will go well.
 */
export function freshSitting(
  adult: PresentAdult,
  key: string,
  page: ChildPage,
  chosen: Chosen | null,
  now: Now,
): Sitting {
  const { child, steps, easier, metTasks, recent, schools, ownThings } = page;
  const id = newId<SittingId>();
  const earlier = recent.flatMap(({ ended, ...one }) => (ended === null ? [] : [{ ...one, ended }]));
  const round = chosen && 'round' in chosen ? roundFor(chosen.round) : null;
  const own = chosen && chosenStep(chosen, page, now);
  const ownTask = chosen && 'own' in chosen ? chosen.own : undefined;
  // Where nothing could be worked out of a child's record: a short row, as for one nobody has met.
  const step = own ?? steps[0] ?? easier ?? atFirst({ task: 'count-row' }, page, '', now);
  const home = child.languages[0]!;
  const language = schools.languages === 'home' ? home : schools.language;
  const second = schools.languages === 'both' && home !== schools.language ? home : undefined;
  const {
    first: easy,
    plan: main,
    gently,
  } = begun({ child, earlier, access: child.needs, language, ownThings }, step, now);
  // A round begins with its own first task, and has no other question; the room’s own task with itself.
  const first = round || ownTask ? { task: step.task, n: step.n, isStep: true } : easy;
  const kinds = kindsIn(page, dayOfNow(now));
  const plan = {
    task: first.task,
    own: ownTask,
    size: first.n,
    things: gently?.things === step.things ? otherCounter(step.things, kinds) : step.things,
    why: first.isStep ? step.why : words.next['begin-well'](),
    language,
    ...(second !== undefined && { second }),
  };
  const whole = { ...main, ...(round && { round, other: null }), mainWhy: step.why };
  return {
    key,
    id,
    staffId: adult.id,
    presence: adult.presence,
    child,
    earlier,
    metTasks,
    plan: laid({ id, tries: [], child, earlier, schools, ownThings }, plan, now),
    whole,
    stage: 'planning',
    access: child.needs,
    schools,
    ownThings,
    pausedAt: null,
    pausedMs: 0,
    closing: null,
    tries: [],
    isPlanDue: false,
    isOpen: false,
  };
}
