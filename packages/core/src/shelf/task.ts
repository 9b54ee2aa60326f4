import type { PairingSlipKind } from '../pairing/readPairing.js';
import type { TotalReading } from '../total/readTotal.js';
import type { Arrangement } from '../trace/trace.js';
import type { WordSlipKind } from '../words/readWords.js';

export const strands = ['stable-order', 'one-to-one', 'cardinality'] as const;
export type Strand = (typeof strands)[number];

/**
 * How a try of the task is taken down: a run of words; words and touches on a mirror of the tray; how
 * many were handed over.
 */
export type CaptureKind = 'say' | 'count' | 'give';

/** Needs for which a task is done otherwise; the principle it looks at stays the same. */
export const needs = ['vision', 'hearing', 'movement', 'speech', 'language', 'attention'] as const;
export type Need = (typeof needs)[number];

/** A slip, or an answer, that the task can show. */
export type Watched = WordSlipKind | PairingSlipKind | TotalReading['kind'] | 'gave-another-number';

/** A step up or down: another task, or the same one changed. */
export interface Step {
  readonly task: string;
  readonly how: string;
}

/** One entry of the shelf: everything that putting the task to a child needs. */
export interface TaskEntry {
  readonly id: string;
  readonly name: string;
  readonly strand: Strand;
  /** What it tells of, in the field's words. */
  readonly skill: string;
  readonly kind: CaptureKind;
  /** What to say, as it is said to the child; `{n}` stands for the number. */
  readonly say: string;
  /** What to say once the count is done, where the task asks it. */
  readonly thenSay?: string;
  /** What to do, and to say then, before asking once more. */
  readonly again?: { readonly lay: string; readonly say: string };
  /** What not to say or do. */
  readonly avoid: string;
  readonly childDoes: string;
  readonly arrangement: Arrangement;
  /** How to lay the things, after the amount; empty where nothing is laid. */
  readonly lay: string;
  /** How many there are to take from, where the child takes. */
  readonly pile?: number;
  /** What is needed beside the things. */
  readonly also: readonly string[];
  /** Sizes from the first to the last rung. */
  readonly ladder: readonly number[];
  readonly watchFor: readonly Watched[];
  readonly stepDown: Step;
  readonly stepUp: Step;
  readonly otherThings: string;
  readonly adaptations: Readonly<Record<Need, string>>;
  /** Beside those of the material and the child. */
  readonly cautions: readonly string[];
  /** The path of the routine, until the child knows its rules. */
  readonly routine: { readonly wholeGroup: string; readonly smallGroup: string; readonly freeTable: string };
  readonly minutes: number;
  /** What a recording sheet holds; null where there is none. */
  readonly sheet: string | null;
  readonly home: string;
}
