import type { Gesture } from '../../trace/gesture.js';
import type { TaskEntry } from '../task.js';
import type { Question, TraceEvent, TraySet } from '../../trace/trace.js';

/** A try as it lies on the table, before its first step too. */
export interface OnTheTable {
  readonly task: TaskEntry;
  readonly set: TraySet;
  readonly events: readonly TraceEvent[];
}

/** What was asked so far, and whether an answer is still to come. */
export interface AskedSoFar {
  readonly asked: boolean;
  readonly isOpen: boolean;
}

/** Everything that differs between the ways in which a try is taken down. */
export interface CaptureKindEntry {
  /** The child is asked to say number words: saying none is a try, and a whole count can be entered in one tap. */
  readonly asksForWords: boolean;
  /** “How many?” can be asked at any time by a tap of its own. */
  readonly asksHowMany: boolean;
  /** The largest number it is put with. */
  readonly most: number;
  /** Things can be tapped one by one, where it matters which. */
  readonly byThing: boolean;
  /** Slips that can be marked: of the touch, and of what is put to its place. */
  readonly slipsOf: { readonly touching: boolean; readonly putting: boolean };
  /** Things are still being put to their places: nothing is counted or asked yet. */
  readonly isStillPutting: (table: OnTheTable) => boolean;
  /** What a tap on the tray means; null where the tray takes nothing down. */
  readonly tap: (table: OnTheTable) => Gesture | null;
  /** The question that goes without a tap of its own before a gesture. */
  readonly questionBefore: (task: TaskEntry, gesture: Gesture, soFar: AskedSoFar) => Question | null;
}

/** As many as lie well on a tray. */
export const largestSize = 20;

/** Nothing is put to a place. */
export const nothingPut = (): boolean => false;

/** A word or a thing, one after the other, and no question but by a tap. */
export const wordByWord = {
  asksForWords: true,
  isStillPutting: nothingPut,
  tap: () => ({ kind: 'next' }),
  questionBefore: () => null,
} as const satisfies Partial<CaptureKindEntry>;

/** “Which?”, or the task’s own question, before an answer, unless it stands. */
export const whichBefore = (
  gesture: Gesture,
  { isOpen }: AskedSoFar,
  asks: Question = 'which',
): Question | null => (gesture.kind === 'answer' && !isOpen ? asks : null);
