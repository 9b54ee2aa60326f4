import { implicitQuestion, lastStanding, record, undoWhole, type Gesture } from '@dotting/core';
import { momentAt } from '../common/moments.js';
import type { Now } from './now.js';
import {
  answersIn,
  onTheTable,
  openTry,
  withEvents,
  withHead,
  type Sitting,
  type SittingTry,
} from '../outbox/sitting.js';
import { begin } from './beginning.js';
import { ended } from './ending.js';

/** The sitting after a gesture: a try begins with it, goes on, or ends. */
export function afterGesture(sitting: Sitting, gesture: Gesture, now: Now): Sitting {
  if (gesture.kind === 'undo') return afterUndo(sitting, now);
  const begun = sitting.isOpen ? sitting : begin(sitting, gesture, whenBegun(gesture, now));
  const question = implicitQuestion(gesture, onTheTable(begun));
  const asked = question === null ? begun : recorded(begun, { kind: 'ask', question }, now);
  const after = recorded(asked, gesture, now);
  // A question opens the try again: the things still lie there.
  if (gesture.kind === 'ask') return withHead(after, { ended: null });
  if (openTry(after)?.head.ended !== null) return { ...after, isPlanDue: true };
  return endsTheTry(gesture, after) ? ended(after, 'finished') : after;
}

/** A stroke is taken down when the pen is lifted: the try began when it came down. */
function whenBegun(gesture: Gesture, now: Now): Now {
  const lasted = gesture.kind === 'stroke' ? (gesture.points.at(-1)?.t ?? 0) : 0;
  if (lasted === 0) return now;
  return { ...now, ...momentAt(now.ms - lasted) };
}

/** What was shown for a moment is asked about, unless the child has answered already. */
export function shown(sitting: Sitting, ms: number, now: Now): Sitting {
  const isAnswered = sitting.isOpen && answersIn(sitting) > 0;
  const asked = isAnswered ? sitting : afterGesture(sitting, { kind: 'ask', question: 'how-many' }, now);
  return withHead(asked, { shownMs: ms });
}

const recorded = (sitting: Sitting, gesture: Gesture, now: Now): Sitting =>
  withEvents(sitting, (open) => record(soFar(open), gesture, momentOf(open, now)));

/** The last answer that is asked for does, and a whole count entered in one tap where nothing is asked after it. */
function endsTheTry(gesture: Gesture, sitting: Sitting): boolean {
  const { task } = onTheTable(sitting);
  if (gesture.kind === 'whole') return task.thenAsks === undefined;
  if (gesture.kind !== 'answer') return false;
  const isOnTheWay = task.midway?.some((value) => value === gesture.value) ?? false;
  return !isOnTheWay && answersIn(sitting) >= (task.asksAgain ? 2 : 1);
}

/** Undo takes back the last step; in a try that has ended, first the ending, with the answer that ended it. */
function afterUndo(sitting: Sitting, now: Now): Sitting {
  const open = openTry(sitting);
  if (!open) return sitting;
  const last = lastStanding(open.events);
  if (open.head.ended !== null && last?.kind !== 'answer') return withHead(sitting, { ended: null });
  const isWholeAsItWas = open.head.whole && (last?.kind === 'count' || last?.kind === 'say');
  const undone = withEvents(sitting, () =>
    isWholeAsItWas
      ? undoWhole(soFar(open), momentOf(open, now))
      : record(soFar(open), { kind: 'undo' }, momentOf(open, now)),
  );
  return withHead(undone, { ended: null, ...(isWholeAsItWas && { whole: undefined }) });
}

const soFar = (open: SittingTry) => ({
  events: open.events,
  // Back from a number the first word of a child that does not say it again is the one before.
  start: open.head.direction === -1 ? open.head.start - 1 : open.head.start,
  direction: open.head.direction,
  step: open.head.step,
  inTwo: open.head.second !== undefined,
  size: open.head.set.size,
  spoken: open.head.set.arrangement === 'none',
  places: open.head.set.layout?.places ?? 0,
});

const momentOf = (open: SittingTry, now: Now) => ({
  t: Math.max(0, now.ms - Date.parse(open.head.startedAt)),
  by: open.head.recordedBy,
  at: now.iso,
});
