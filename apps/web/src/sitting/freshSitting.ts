import type { ChildPage, ChildView, NextStepView, PresentAdult } from '@dotting/contract';
import { figure, fittingCounters, otherQuestion, type SittingId } from '@dotting/core';
import { v4 as uuid } from 'uuid';
import type { Now } from './after.js';
import { dayOfNow, laid } from './planning.js';
import type { Sitting } from './sitting.js';

/** What an adult chose to begin with. */
export type ChosenStep = Pick<NextStepView, 'task' | 'n' | 'things' | 'why'>;

/** Where nothing could be worked out of a child's record: a short row, as for one nobody has met. */
const firstEver = (child: ChildView, now: Now): ChosenStep => ({
  task: 'count-row',
  n: 3,
  things: fittingCounters(child, dayOfNow(now))[0]!,
  why: '',
});

/** A sitting before its first try: planned from the step that was chosen or comes first, for the minutes the child has. */
export function freshSitting(
  adult: PresentAdult,
  key: string,
  { child, steps, easier, metTasks, recent }: ChildPage,
  chosen: ChosenStep | null,
  now: Now,
): Sitting {
  const id = uuid() as SittingId;
  const earlier = recent.flatMap(({ ended, ...one }) => (ended === null ? [] : [{ ...one, ended }]));
  const isShort = child.needs.includes('attention');
  const { task, n, things, why } = chosen ?? steps[0] ?? easier ?? firstEver(child, now);
  const size = isShort ? Math.min(n, figure.thingsOfShort) : n;
  const plan = { task, size, things, why, language: child.languages[0]! };
  return {
    key,
    id,
    staffId: adult.id,
    presence: adult.presence,
    child,
    earlier,
    metTasks,
    plan: laid({ id, tries: [], child }, plan, now),
    whole: {
      minutes: isShort ? figure.minutesOfShort : figure.minutesOfSitting,
      other: isShort ? null : otherQuestion(task, earlier, dayOfNow(now)),
    },
    stage: 'planning',
    access: child.needs,
    pausedAt: null,
    pausedMs: 0,
    closing: null,
    tries: [],
    isOpen: false,
  };
}
