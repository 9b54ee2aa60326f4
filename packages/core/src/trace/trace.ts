import type { ChildId, SittingId, StaffId, TraceId } from './ids.js';

/** A number word by its value; anything else as heard ("fiveteen"). */
export type Word = number | string;

/** 0 … size−1: the thing's place on the mirror of the tray. */
export type Item = number;

export const arrangements = [
  'movable',
  'row',
  'frame',
  'pictures',
  'scattered',
  'ring',
  'heard',
  'hidden',
  'none',
] as const;
export type Arrangement = (typeof arrangements)[number];

export const helps = ['none', 'encouraged', 'prompted', 'shown', 'guided'] as const;
export type Help = (typeof helps)[number];

export const answerers = ['alone', 'with-others', 'others'] as const;
export type AnsweredBy = (typeof answerers)[number];

export const endings = ['finished', 'stopped-itself', 'stopped-by-adult', 'refused', 'interrupted'] as const;
export type Ended = (typeof endings)[number];

export const strategies = [
  'counted-all',
  'counted-on',
  'knew',
  'matched',
  'looked',
  'fingers',
  'guessed',
  'moved-aside',
  'touched',
  'marked',
  'in-cells',
] as const;
export type Strategy = (typeof strategies)[number];

export const questions = [
  'how-many',
  'give',
  'which',
  'next',
  'before',
  'hidden',
  'name',
  'find',
  'write',
] as const;
export type Question = (typeof questions)[number];

export const cues = ['colour', 'printed-number'] as const;
export type Cue = (typeof cues)[number];

export interface TraySet {
  /** How many things; 0 is allowed. */
  readonly size: number;
  /** Kind of counter, an id of the counters table. */
  readonly things: string;
  readonly arrangement: Arrangement;
  /** Something that gives the answer away. */
  readonly cue?: Cue;
  /** For "give me n": how many there were to take from. */
  readonly pile?: number;
  /** Seed and parameters of a generated layout. */
  readonly layout?: object;
}

/** What happened, without its place and time in the try. */
export type Happening =
  | { readonly kind: 'count'; readonly word: Word; readonly item?: Item | 'again' }
  | { readonly kind: 'say'; readonly word: Word }
  | { readonly kind: 'touch'; readonly item?: Item }
  | { readonly kind: 'passed-over'; readonly item?: Item }
  | { readonly kind: 'take-back' }
  | { readonly kind: 'restart' }
  | { readonly kind: 'ask'; readonly question: Question }
  | { readonly kind: 'answer'; readonly value: number | string | null }
  | { readonly kind: 'given'; readonly value: number }
  | { readonly kind: 'put'; readonly item?: Item; readonly place: string };

/** What the adult does to the record itself. */
export type Correction =
  | { readonly kind: 'undo'; readonly of: number }
  | {
      readonly kind: 'amend';
      readonly of: number;
      readonly event: HappeningEvent;
      readonly by: string;
      readonly at: string;
      readonly reason?: string;
    };

/** `seq` is the place within the try, from 0 without gaps; `t` is in ms from its start and never falls. */
interface Place {
  readonly seq: number;
  readonly t: number;
}

export type HappeningEvent = Happening & Place;
export type TraceEvent = (Happening | Correction) & Place;

/** One go of one child at one task at one size. `Trace` is the contract of docs/formats.md. */
export interface Trace {
  /** UUID made on the device: the same try sent twice is one try. */
  readonly id: TraceId;
  readonly childId: ChildId;
  readonly sittingId: SittingId;
  readonly recordedBy: StaffId;
  /** ISO 8601 with offset. */
  readonly startedAt: string;
  readonly task: string;
  /** BCP 47 tag of the number words used. */
  readonly language: string;
  readonly set: TraySet;
  /** The number the count should begin from. */
  readonly start: number;
  readonly direction: 1 | -1;
  /** Where the adult meant the child to stop, if anywhere. */
  readonly target?: number;
  readonly choices?: number;
  readonly strategy?: Strategy;
  readonly help: Help;
  readonly answeredBy: AnsweredBy;
  readonly firstTime: boolean;
  readonly ended: Ended;
  readonly seen?: 'in-passing';
  readonly shownMs?: number;
  /** A faultless count entered in one tap: its times are not read. */
  readonly whole?: true;
  /** Reason; a try set aside stays on record and counts for nothing. */
  readonly setAside?: string;
  readonly events: readonly TraceEvent[];
}

/** The calendar day of a try where it was recorded, as YYYY-MM-DD. */
export function dayOf(trace: Pick<Trace, 'startedAt'>): string {
  return trace.startedAt.slice(0, 10);
}

export function isNumberWord(word: Word): word is number {
  return typeof word === 'number';
}
