import { layoutFor } from '../shelf/layout.js';
import { choicesIn, runOf, setOf, taskOf, type TaskId } from '../shelf/tasks.js';
import type { Happening, Trace } from '../trace/trace.js';
import { traceOf } from './traces.js';

/** A try of a task as the app lays it. */
export function tryOf(
  id: TaskId,
  n: number,
  happenings: readonly Happening[],
  facts: Partial<Trace> & { readonly way?: string; readonly seed?: number } = {},
): Trace {
  const { way, seed = 3, ...others } = facts;
  const task = taskOf(id);
  const set = setOf(task, n, 'cork', layoutFor(task, n, 'cork', seed, way));
  const choices = choicesIn(task, set.layout)?.length;
  return traceOf({
    task: id,
    version: 2,
    set,
    ...runOf(task, n),
    ...(choices !== undefined && { choices }),
    happenings,
    ...others,
  });
}

export const put = (...places: readonly string[]): Happening[] =>
  places.map((place) => ({ kind: 'put', place }));
export const answered = (
  value: number | string | null,
  question: 'name' | 'find' | 'which' = 'name',
): Happening[] => [
  { kind: 'ask', question },
  { kind: 'answer', value },
];
