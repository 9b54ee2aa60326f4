import { settledEvents, type Gesture, type Question, type Task, type TraceEvent } from '@dotting/core';

/**
 * The question that goes without a tap of its own: a request before what is handed over, "how many?"
 * before anything that is done about it, "which?" before a choice.
 *
 * @returns null where the gesture needs none, or it stands already
 */
export function implicitQuestion(
  task: Task,
  gesture: Gesture,
  events: readonly TraceEvent[],
): Question | null {
  const settled = settledEvents(events);
  const asked = settled.findLast((event) => event.kind === 'ask');
  const isOpen = settled.findLast((event) => event.kind === 'ask' || event.kind === 'answer')?.kind === 'ask';
  switch (task.kind) {
    case 'give':
      if (gesture.kind === 'given' || gesture.kind === 'started-again') return asked ? null : 'give';
      if (gesture.kind !== 'answer') return null;
      return task.midway?.options.some(({ value }) => value === gesture.value)
        ? 'which'
        : asked
          ? null
          : 'give';
    case 'answer':
      return happens(gesture) && !isOpen ? 'how-many' : null;
    case 'choose':
      return gesture.kind === 'answer' && !isOpen ? 'which' : null;
    case 'share':
      return gesture.kind === 'answer' && task.choosing && !isOpen ? 'which' : null;
    case 'say':
    case 'count':
      return null;
  }
}

/** What the child does, as against what the adult puts right. */
const happens = ({ kind }: Gesture): boolean => kind === 'next' || kind === 'thing' || kind === 'answer';
