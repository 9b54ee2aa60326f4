import type { SittingId, TraceId } from '../trace/ids.js';
import type { Arrangement, Trace } from '../trace/trace.js';

/** What the choice of the next try is made from. */
export interface Asking {
  /** All tries of the child so far, those of this sitting among them. */
  readonly tries: readonly Trace[];
  readonly sittingId: SittingId;
  /** YYYY-MM-DD. */
  readonly day: string;
  /** The language counted in: the order of its words is a skill of its own. */
  readonly language: string;
  /** Age in months, where known. */
  readonly months: number | null;
  /** Where the things may lie; the first is taken where none tells more. */
  readonly arrangements: readonly Arrangement[];
  /** Kinds of counters there are. */
  readonly things: readonly string[];
  /** The smallest number that may be asked; one where nothing is said. */
  readonly smallest?: number;
  /** The largest number that may be asked. */
  readonly largest: number;
  /** Seconds of the sitting that are left. */
  readonly secondsLeft: number;
  /** Goes on while there is time, also where enough is known. */
  readonly goOn?: boolean;
  /** For fetching: how many there are to take from. */
  readonly pile?: number;
}

/** Why something comes next in a sitting, or why it ends. */
export type NextReason =
  | { readonly kind: Purpose | 'round'; readonly n: number }
  /** What the sitting is for, after the easy one. */
  | { readonly kind: 'main' }
  | { readonly kind: 'other-question'; readonly because: 'known' | 'time' }
  | { readonly kind: 'known' | 'enough' }
  | { readonly kind: 'time'; readonly minutes: number };

/** Why this number: each has a sentence of its own on the screen. */
export type Purpose = 'begin-well' | 'learn-most' | 'after-two-misses' | 'end-well' | 'other-number';

export type NextTry =
  | {
      readonly kind: 'ask';
      readonly n: number;
      readonly arrangement: Arrangement;
      readonly things: string;
      readonly purpose: Purpose;
      /** Chance that it goes well, as far as is known. */
      readonly chance: number;
      /** The tries the choice rests on. */
      readonly tries: readonly TraceId[];
    }
  | { readonly kind: 'stop'; readonly because: 'known' | 'time' | 'enough' };
