import { seededRandom } from '../common/random.js';
import { layoutFor } from '../shelf/layout.js';
import { setOf, taskOf, type TaskId } from '../shelf/tasks.js';
import { usualChild, type HiddenAbility } from '../simulate/child.js';
import { putOf, simulateTry } from '../simulate/simulateTry.js';
import type { SittingId, TraceId } from '../trace/ids.js';
import type { Trace } from '../trace/trace.js';
import { traceOf } from './traces.js';

/** Days on which a child is looked at. */
export const days = ['2026-03-02', '2026-03-09', '2026-03-16'];
/** What adults take most: the task and the number. */
export const usual: readonly (readonly [TaskId, number])[] = [
  ['say-far', 20],
  ['count-row', 5],
  ['count-row', 8],
  ['count-aside', 6],
  ['how-many', 5],
  ['give-n', 2],
  ['give-n', 3],
  ['give-n', 4],
  ['give-n', 6],
];

/** Three days of usual tasks with a child of a make-up, corks and shells by turns. */
export function looked(ability: Partial<HiddenAbility>, tasks = usual, on = days): Trace[] {
  const random = seededRandom(11);
  const child = { ...usualChild, lapse: 0, ...ability };
  return on.flatMap((day, d) =>
    tasks.map(([id, n], i) => {
      const task = taskOf(id);
      const things = (d + i) % 2 === 0 ? 'cork' : 'shell';
      const set = setOf(task, n, things, layoutFor(task, n, things, i));
      return traceOf({
        id: `try-${d}-${i}` as TraceId,
        sittingId: `sitting-${d}` as SittingId,
        startedAt: `${day}T09:${String(10 + i)}:00.000+00:00`,
        task: id,
        set,
        target: n,
        ...simulateTry(child, putOf({ task, set, n, asksHowMany: task.thenAsks === true }), random),
      });
    }),
  );
}
