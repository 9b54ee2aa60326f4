import { describeSet, flawOf, isCounter, taskOf, tasks, tellFlaw, tellTry, type Trace } from '@dotting/core';

/** The task and the set in words, as far as both are on the shelf. */
export function namedOf(trace: Pick<Trace, 'task' | 'set' | 'target'>): {
  readonly task: string;
  readonly title: string;
} {
  const isOnShelf = tasks.some((task) => task.id === trace.task) && isCounter(trace.set.things);
  if (!isOnShelf) return { task: trace.task, title: '' };
  return { task: taskOf(trace.task).name, title: describeSet(trace.set, trace.target) };
}

/** What a try showed, or why nothing can be read from it. */
export function toldOf(trace: Trace, day: string): string {
  const flaw = flawOf(trace, day);
  if (flaw) return tellFlaw(flaw);
  const { set } = trace;
  return tellTry(isCounter(set.things) ? trace : { ...trace, set: { ...set, things: 'anything' } });
}
