import type { ChildId } from '../trace/ids.js';
import { taskOf, type TaskId } from '../shelf/tasks.js';

/** A step that a child could take next. */
export interface OpenStep {
  readonly childId: ChildId;
  readonly task: TaskId;
  readonly n: number;
}

/** Children who could sit at one table for the same step. */
export interface Together {
  readonly task: TaskId;
  readonly from: number;
  readonly to: number;
  readonly children: readonly ChildId[];
}

const LEAST = 2;
const MOST = 6;

/**
 * Who could sit together: children with the same task among their next steps, their numbers within
 * one of each other. The largest groups first; a child may be in several, the adult decides.
 */
export function couldSitTogether(steps: readonly OpenStep[]): readonly Together[] {
  const groups = [...new Set(steps.map((step) => step.task))].flatMap((task) => groupsOf(task, steps));
  return groups.toSorted(
    (a, b) =>
      b.children.length - a.children.length || taskOrder(a.task) - taskOrder(b.task) || a.from - b.from,
  );
}

function groupsOf(task: TaskId, steps: readonly OpenStep[]): readonly Together[] {
  let left = steps.filter((step) => step.task === task).toSorted((a, b) => a.n - b.n);
  const groups: Together[] = [];
  while (left.length >= LEAST) {
    const windows = left.map((first) => left.filter((step) => step.n >= first.n && step.n <= first.n + 1));
    const best = windows.reduce((one, other) => (other.length > one.length ? other : one)).slice(0, MOST);
    if (best.length < LEAST) break;
    groups.push({ task, from: best[0]!.n, to: best.at(-1)!.n, children: best.map((step) => step.childId) });
    left = left.filter((step) => !best.includes(step));
  }
  return groups;
}

const taskOrder = (id: TaskId): number => taskOf(id).ladder[0]!;
