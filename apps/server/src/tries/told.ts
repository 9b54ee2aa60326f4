import { flawOf, taskOf, tasks, type Trace } from '@dotting/core';
import { taskWords, tellFlaw, tellTry, titleOf } from '@dotting/words';
import { spoken } from '../wording/spoken.js';

/** The task and the set in words, as far as the task is on the shelf; the room’s own by its name. */
export function namedOf(trace: Pick<Trace, 'task' | 'own' | 'set' | 'target'>): {
  readonly task: string;
  readonly title: string;
} {
  const words = spoken();
  if (!tasks.some((task) => task.id === trace.task)) return { task: trace.task, title: '' };
  return {
    task: words.own?.tasks.get(trace.own ?? '') ?? taskWords(words, taskOf(trace.task).id).name(),
    title: titleOf(words, trace),
  };
}

/** What a try showed, or why nothing can be read from it. */
export function toldOf(trace: Trace, day: string): string {
  const words = spoken();
  const flaw = flawOf(trace, day);
  if (flaw) return tellFlaw(words, flaw);
  return tellTry(words, trace);
}

/** One try in a line. */
export const summaryOf = (trace: Trace, recorder: string, day: string) => ({
  id: trace.id,
  startedAt: trace.startedAt,
  ...namedOf(trace),
  recorder,
  told: toldOf(trace, day),
});
