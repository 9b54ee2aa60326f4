import type { ChildPage, NextStepView, PresentAdult } from '@dotting/contract';
import { figure, otherQuestion, type SittingId } from '@dotting/core';
import { v4 as uuid } from 'uuid';
import type { Now } from './after.js';
import { laid } from './planning.js';
import type { Sitting } from './sitting.js';

/** What an adult chose to begin with. */
export type ChosenStep = Pick<NextStepView, 'task' | 'n' | 'things' | 'why'>;

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
  const { task, n, things, why } = chosen ?? steps[0] ?? easier;
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
    plan: laid({ id, tries: [] }, plan),
    whole: {
      minutes: isShort ? figure.minutesOfShort : figure.minutesOfSitting,
      other: isShort ? null : otherQuestion(task, earlier, now.iso.slice(0, 10)),
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
