import { captureKinds } from '../shelf/kinds/kinds.js';
import type { OnTheTable } from '../shelf/kinds/kind.js';
import { runOf } from '../shelf/tasks.js';
import { settledEvents } from '../trace/settled.js';
import type { Question, TraySet } from '../trace/trace.js';
import type { Gesture } from '../trace/gesture.js';

/** How a try stands: being laid, counted, asked how many, or read. */
export type Phase = 'laying' | 'counting' | 'asked' | 'read';

/** An empty set, which can be asked about at once; a handful is not empty, but not known. */
export const isEmpty = ({ size, arrangement, layout }: TraySet): boolean =>
  size === 0 && arrangement !== 'none' && !layout?.handful;

/**
 * Whether a gesture means anything as the try stands: slips of the touch want things, those of putting want
 * places, “how many?” a count, the next bowl bowls, and all but the first step a try under way.
 */
export function isAllowed(gesture: Gesture, phase: Phase, { task, set }: OnTheTable): boolean {
  const kind = captureKinds[task.kind];
  const isGoingOn = phase === 'counting' || phase === 'asked';
  switch (gesture.kind) {
    case 'undo':
      return phase !== 'laying';
    case 'zero-first':
      return phase === 'laying' && kind.asksForWords && runOf(task, 1).start === 1;
    case 'said-start':
      return phase === 'laying' && task.goes !== undefined;
    case 'whole':
      return phase === 'laying' && kind.asksForWords;
    case 'ask':
      if (gesture.question === 'how-many') return kind.asksHowMany && (phase !== 'laying' || isEmpty(set));
      if (gesture.question === 'hidden') return phase !== 'laying' && task.asksMore === true;
      return isGoingOn && set.layout?.bowls !== undefined;
    case 'answer':
      return isGoingOn || (phase === 'laying' && !kind.asksForWords);
    case 'that-one-again':
    case 'left-one-out':
    case 'word-no-touch':
    case 'touch-no-word':
      return isGoingOn && kind.slipsOf.touching;
    case 'two-in-one':
    case 'left-outside':
      return isGoingOn && kind.slipsOf.putting;
    case 'one-language':
    case 'other-word':
    case 'started-again':
    case 'took-it-back':
      return isGoingOn;
    case 'next':
    case 'thing':
    case 'put':
    case 'placed':
    case 'stroke':
    case 'given':
    case 'amend':
    case 'take-out':
      return true;
  }
}

/**
 * The question that goes without a tap of its own: a request before what is handed over, "how many?"
 * before anything that is done about it, "which?" before a choice.
 *
 * @returns null where the gesture needs none, or it stands already
 */
export function implicitQuestion(gesture: Gesture, { task, events }: OnTheTable): Question | null {
  const settled = settledEvents(events);
  return captureKinds[task.kind].questionBefore(task, gesture, {
    asked: settled.some((event) => event.kind === 'ask'),
    isOpen: settled.findLast((event) => event.kind === 'ask' || event.kind === 'answer')?.kind === 'ask',
  });
}
