import type { Level, LevelDistribution } from '../estimates/knowerLevels.js';
import type { Principle } from '../shelf/task.js';
import type { TraceId } from '../trace/ids.js';
import type { Arrangement, Word } from '../trace/trace.js';
import type { Weakness } from './weaknesses.js';

/** What every statement says of itself. */
export interface Grounds {
  /** Probability that it is so. */
  readonly sure: number;
  /** The day from which it has held, YYYY-MM-DD; null where nothing is claimed. */
  readonly since: string | null;
  /** The tries it rests on, in the order given: a screen can open each. */
  readonly tries: readonly TraceId[];
  readonly weakenedBy: readonly Weakness[];
  /** Two days and two kinds of things: may be said without a question mark. */
  readonly firm: boolean;
}

export interface OrderStatement extends Grounds {
  readonly skill: 'order';
  readonly language: string;
  /** How far the words run in the conventional order. */
  readonly conventionalTo: number;
  /** The child's own words after it, always the same; empty: none; null: not known yet. */
  readonly privateOrder: readonly Word[] | null;
  readonly triedTo: number;
}

export interface TrackingStatement extends Grounds {
  readonly skill: 'one-to-one';
  readonly arrangement: Arrangement;
  readonly steadyTo: number;
  /** The next number the child is not yet sure of; null: not tried beyond `triedTo`. */
  readonly reachingFor: number | null;
  readonly triedTo: number;
}

export interface FetchStatement extends Grounds {
  readonly skill: 'fetch';
  /** The level that may be stated; null for none yet. */
  readonly level: Level | null;
  readonly levels: LevelDistribution;
  readonly triedTo: number;
}

/** Of a skill that gives way at a number. */
export interface CountOutStatement extends Grounds {
  readonly skill: 'count-out';
  readonly steadyTo: number;
  readonly reachingFor: number | null;
  readonly triedTo: number;
}

export interface PrincipleStatement extends Grounds {
  readonly skill: Principle;
  readonly shown: boolean;
  readonly mean: number;
  /**
   * Of the last-word rule: what makes it cardinality, the grasp that the last word is how many.
   * Null where the rule stands alone, and for the other principles.
   */
  readonly cardinalityBy: 'fetching' | 'keeping' | null;
}

export type Statement =
  OrderStatement | TrackingStatement | FetchStatement | CountOutStatement | PrincipleStatement;

export interface StatementOptions {
  /** YYYY-MM-DD, where known: says only where to expect a child before the first try. */
  readonly birthDate?: string | null;
}
