import { setOf, taskOf, type TaskId } from '../shelf/tasks.js';
import type { Happening, Trace, TraceEvent } from '../trace/trace.js';

/** What can be seen a child do in play, with a number, in no sitting. */
export const seenSkills = ['order', 'one-to-one', 'last-word', 'fetch'] as const;
export type SeenSkill = (typeof seenSkills)[number];

const taskFor: Record<SeenSkill, TaskId> = {
  order: 'say-far',
  'one-to-one': 'count-aside',
  'last-word': 'how-many',
  fetch: 'give-n',
};

export type SeenFacts = Pick<Trace, 'task' | 'set' | 'start' | 'direction' | 'target' | 'seen' | 'events'>;

/**
 * A try as it was seen in passing: done, with the number; nobody saw more of it. It weighs half.
 *
 * @throws RangeError for a number below one
 */
export function seenInPassing(skill: SeenSkill, n: number): SeenFacts {
  if (!Number.isInteger(n) || n < 1) throw new RangeError(`seenInPassing: ${n} is no number from 1 on`);
  const task = taskOf(taskFor[skill]);
  return {
    task: task.id,
    set: setOf(task, n, 'anything'),
    start: 1,
    direction: 1,
    target: n,
    seen: 'in-passing',
    events: happenings(skill, n).map((happening, seq): TraceEvent => ({ ...happening, seq, t: 0 })),
  };
}

function happenings(skill: SeenSkill, n: number): readonly Happening[] {
  const numbers = Array.from({ length: n }, (_, i) => i + 1);
  const counted = numbers.map((word): Happening => ({ kind: 'count', word }));
  switch (skill) {
    case 'order':
      return numbers.map((word) => ({ kind: 'say', word }));
    case 'one-to-one':
      return counted;
    case 'last-word':
      return [...counted, { kind: 'ask', question: 'how-many' }, { kind: 'answer', value: n }];
    case 'fetch':
      return [
        { kind: 'ask', question: 'give' },
        { kind: 'given', value: n },
      ];
  }
}
