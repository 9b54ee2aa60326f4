import type { SharingSlipKind } from '../sharing/readSharing.js';
import type { PairingSlipKind } from '../pairing/readPairing.js';
import type { TotalReading } from '../total/readTotal.js';
import type { Arrangement, Need } from '../trace/trace.js';
import type { WordSlipKind } from '../words/readWords.js';

export const strands = ['stable-order', 'one-to-one', 'cardinality'] as const;
export type Strand = (typeof strands)[number];

/**
 * How a try of the task is taken down: a run of words; words and touches on a mirror of the tray; how
 * many were handed over; things put one to a place; one of a few said or pointed to; a number or
 * nothing.
 */
export const captureKinds = ['say', 'count', 'give', 'share', 'choose', 'answer'] as const;
export type CaptureKind = (typeof captureKinds)[number];

/** Skills that give way somewhere along the numbers. */
export const numberSkills = ['order', 'one-to-one', 'fetch', 'count-out'] as const;
export type NumberSkill = (typeof numberSkills)[number];

/** A principle that either holds in a try or does not. */
export const principles = [
  'last-word',
  'conservation',
  'order-irrelevance',
  'order-judged',
  'teens',
  'one-to-one-judged',
  'matching',
  'equal-set',
  'numeral-to-set',
  'several-sets',
] as const;
export type Principle = (typeof principles)[number];

/** A slip, or an answer, that the task can show. */
export type Watched =
  | WordSlipKind
  | PairingSlipKind
  | SharingSlipKind
  | TotalReading['kind']
  | 'gave-another-number'
  | 'chose-another';

/** A step up or down: another task, or the same one changed. */
export interface Step {
  readonly task: string;
  readonly how: string;
}

/** One of the ways in which a task is put by turns. */
export interface Way {
  readonly id: string;
  readonly words: string;
  /** What to say instead of the task's own. */
  readonly say?: string;
  /** What to do before asking once more, instead of the task's own. */
  readonly lay?: string;
}

/** What the child is to choose from. */
export interface Choosing {
  readonly question: string;
  readonly options: readonly { readonly value: string; readonly words: string }[];
}

/** What is generated afresh for each try. */
export type Made = 'words' | 'touches' | 'drops' | 'jars' | 'cells' | 'bowls' | 'model';

/** One entry of the shelf: everything that putting the task to a child needs. */
export interface TaskEntry {
  readonly id: string;
  readonly name: string;
  readonly strand: Strand;
  /** What it tells of, in the field's words. */
  readonly skill: string;
  /** The skill that its tries speak of first. */
  readonly looksAt: NumberSkill | Principle;
  readonly kind: CaptureKind;
  /** What to say, as it is said to the child; `{n}` stands for the number. */
  readonly say: string;
  /** What to say once the count is done, where the task asks it. */
  readonly thenSay?: string;
  /** What to do, and to say then, before asking once more. */
  readonly again?: { readonly lay: string; readonly say: string };
  /** Put in each way by turns. */
  readonly ways?: readonly Way[];
  readonly choosing?: Choosing;
  /** Asked on the way, while things are still being put. */
  readonly midway?: Choosing;
  readonly makes?: Made;
  /** The kind of thing it is put with, where no other will do. */
  readonly only?: string;
  /** The number the count begins from, where it is not one. */
  readonly start?: number;
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
