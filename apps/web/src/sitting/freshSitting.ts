import type { ChildPage, ChildView, NextStepView, PresentAdult } from '@dotting/contract';
import { fittingCounters, type SittingId } from '@dotting/core';
import { words } from '../wording/words.js';
import type { Now } from './now.js';
import { begun, dayOfNow, laid } from './planning.js';
import type { Sitting } from '../outbox/sitting.js';
import { newId } from '../common/ids.js';

/** What an adult chose to begin with. */
export type ChosenStep = Pick<NextStepView, 'task' | 'n' | 'things' | 'why'>;

/** Where nothing could be worked out of a child's record: a short row, as for one nobody has met. */
const firstEver = (child: ChildView, now: Now): ChosenStep => ({
  task: 'count-row',
  n: 3,
  things: fittingCounters(child, dayOfNow(now))[0]!,
  why: '',
});

/**
 * A sitting before its first try: for the step that was chosen or comes first, in the minutes the child has,
 * beginning with one that will go well.
 */
export function freshSitting(
  adult: PresentAdult,
  key: string,
  { child, steps, easier, metTasks, recent }: ChildPage,
  chosen: ChosenStep | null,
  now: Now,
): Sitting {
  const id = newId<SittingId>();
  const earlier = recent.flatMap(({ ended, ...one }) => (ended === null ? [] : [{ ...one, ended }]));
  const step = chosen ?? steps[0] ?? easier ?? firstEver(child, now);
  const language = child.languages[0]!;
  const { first, plan: main } = begun({ child, earlier, access: child.needs, language }, step, now);
  const plan = {
    task: first.task,
    size: first.n,
    things: step.things,
    why: first.isStep ? step.why : words.next['begin-well'](),
    language,
  };
  const whole = { ...main, mainWhy: step.why };
  return {
    key,
    id,
    staffId: adult.id,
    presence: adult.presence,
    child,
    earlier,
    metTasks,
    plan: laid({ id, tries: [], child }, plan, now),
    whole,
    stage: 'planning',
    access: child.needs,
    pausedAt: null,
    pausedMs: 0,
    closing: null,
    tries: [],
    isOpen: false,
  };
}
