import type { Change, Word } from '../trace/trace.js';
import { beganAtOne } from './readGoingOn.js';

/** How the words went by which a sum was worked out: all from one, on from what was known, back from it, or otherwise. */
export type Working = 'all' | 'on' | 'back' | 'otherwise';

/**
 * Reads the words said before the answer of a sum. Said on from the number, as in 6, 7 for five and two more, they leave
 * nothing out: such a run tells how the child works it out, and nothing of the order from one.
 *
 * @param words of the run, in order; the number may be said again first
 * @returns null where none was said
 */
export function readWorking(words: readonly Word[], { from, by, covered }: Change): Working | null {
  const [first, second] = words;
  if (first === undefined) return null;
  if (beganAtOne(words) || (first === 1 && second === undefined)) return 'all';
  // Of those under the cloth a child goes on from the ones in view.
  const known = covered ? -by : from;
  const next = first === known ? second : first;
  if (next === undefined || next === known + 1) return 'on';
  return next === known - 1 ? 'back' : 'otherwise';
}
