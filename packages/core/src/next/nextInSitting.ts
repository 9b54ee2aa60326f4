import { readTry } from '../reading/readTry.js';
import { describeSet, largestSize, taskOf } from '../shelf/tasks.js';
import type { Trace } from '../trace/trace.js';
import type { NextStep } from './nextStep.js';

export type SittingTry = Pick<Trace, 'id' | 'task' | 'set' | 'start' | 'direction' | 'events'>;

const easierBy = 2;

/**
 * What to put next in a sitting, by going practice: up one while it goes well, the same once more
 * after a slip, easier after two slips running; task and things stay, because they are laid already.
 *
 * @param tries of this sitting, oldest first; at least one
 * @throws RangeError without a try
 */
export function nextInSitting(tries: readonly SittingTry[]): NextStep {
  const last = tries.at(-1);
  if (!last) throw new RangeError('nextInSitting: no try to go on from');
  const task = taskOf(last.task);
  const size = last.set.size;
  const put = (next: number, why: string): NextStep => {
    const set = { size: next, things: last.set.things, arrangement: task.arrangement };
    return { task: task.id, set, title: describeSet(set), why, tries: [last.id] };
  };
  if (!slipped(last)) {
    return size < largestSize
      ? put(size + 1, `${size} went without a slip: one more.`)
      : put(size, `${size} is as far as a tray goes here.`);
  }
  const before = tries.at(-2);
  if (before && before.task === last.task && slipped(before)) {
    return put(Math.max(1, size - easierBy), 'Two slips running: an easier one, to end well.');
  }
  return put(size, `${size} had a slip, which may be chance: the same once more.`);
}

function slipped(trace: SittingTry): boolean {
  const { pairing, order, total } = readTry(trace);
  return pairing?.holds === false || order.slips.length > 0 || total?.shown === false;
}
