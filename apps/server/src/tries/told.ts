import { flawOf, isCounter, taskOf, tasks, type Trace } from '@dotting/core';
import { describeSet, taskWords, tellFlaw, tellTry } from '@dotting/words';
import { spoken } from '../wording/spoken.js';

/** The task and the set in words, as far as both are on the shelf. */
export function namedOf(trace: Pick<Trace, 'task' | 'set' | 'target'>): {
  readonly task: string;
  readonly title: string;
} {
  const isOnShelf = tasks.some((task) => task.id === trace.task) && isCounter(trace.set.things);
  if (!isOnShelf) return { task: trace.task, title: '' };
  return {
    task: taskWords(spoken(), taskOf(trace.task).id).name(),
    title: describeSet(spoken(), trace.set, trace.target),
  };
}

/** What a try showed, or why nothing can be read from it. */
export function toldOf(trace: Trace, day: string): string {
  const flaw = flawOf(trace, day);
  if (flaw) return tellFlaw(spoken(), flaw);
  const { set } = trace;
  return tellTry(spoken(), isCounter(set.things) ? trace : { ...trace, set: { ...set, things: 'anything' } });
}

/** One try in a line. */
export const summaryOf = (trace: Trace, recorder: string, day: string) => ({
  id: trace.id,
  startedAt: trace.startedAt,
  ...namedOf(trace),
  recorder,
  told: toldOf(trace, day),
});
