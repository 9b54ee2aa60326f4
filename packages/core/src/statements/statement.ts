import type { MixedUp } from '../evidence/mixedUp.js';
import type { Level, LevelDistribution } from '../estimates/knowerLevels.js';
import type { TrackingShape } from '../estimates/tracking.js';
import type { NumeralSkill, Principle, SkillId, ThresholdSkill } from '../skills/map.js';
import type { TraceId } from '../trace/ids.js';
import type { Arrangement, Word } from '../trace/trace.js';
import type { Weakness } from './weaknesses.js';

/** How certain what is said is: there are no other words for it. */
export const certainties = ['sure', 'likely', 'unclear'] as const;
export type Certainty = (typeof certainties)[number];

/** What every statement says of itself. */
interface Grounds {
  readonly skill: SkillId;
  readonly certainty: Certainty;
  /** The tries it rests on, in the order given: a screen can open each. */
  readonly tries: readonly TraceId[];
  /** What is still to be seen before all that is likely is sure. */
  readonly weakenedBy: readonly Weakness[];
}

/** Of a skill that runs along the numbers. */
export interface NumberGrounds extends Grounds {
  /** 0 where nothing is sure. */
  readonly sureTo: number;
  /** At least as far as it is sure; 0 where nothing is said. */
  readonly likelyTo: number;
  /** The largest number that went well. */
  readonly passedTo: number;
  readonly triedTo: number;
  /** 90 % interval of how far it goes. */
  readonly interval: readonly [lo: number, hi: number];
  /** The next number that goes well less than three times in four; null where none is, as far as was tried. */
  readonly reachingFor: number | null;
}

export interface OrderStatement extends NumberGrounds {
  readonly by: 'order';
  readonly language: string;
  /** The child's own words after the conventional ones, always the same; empty: none; null: not known yet. */
  readonly privateOrder: readonly Word[] | null;
  /** The number after which they come. */
  readonly ownAfter: number;
}

export interface TrackingStatement extends NumberGrounds {
  readonly by: 'one-to-one';
  readonly arrangement: Arrangement;
  /** How track is lost, once that is plain; null until then. */
  readonly shape: TrackingShape | null;
}

export interface FetchStatement extends NumberGrounds {
  readonly by: 'fetch';
  /** The level that is likely or sure; null for none yet. */
  readonly level: Level | null;
  readonly levels: LevelDistribution;
  /** A number above the level was asked for and not given: "no more yet" may be said. */
  readonly missedAbove: boolean;
}

export interface ThresholdStatement extends NumberGrounds {
  readonly by: ThresholdSkill;
}

export type NumberStatement = OrderStatement | TrackingStatement | FetchStatement | ThresholdStatement;

export interface PrincipleStatement extends Grounds {
  readonly by: Principle;
  /** Mean chance that it holds. */
  readonly mean: number;
  /**
   * Of the last-word rule: what makes it cardinality, the grasp that the last word is how many.
   * Null where the rule stands alone, and for the other principles.
   */
  readonly cardinalityBy: 'fetching' | 'keeping' | null;
}

/** Of numerals: which are known, which likely, and what they are taken for. */
export interface NumeralsStatement extends Grounds {
  readonly by: NumeralSkill;
  /** Named, or found, on two days. */
  readonly known: readonly number[];
  readonly likely: readonly number[];
  /** Asked, and neither. */
  readonly open: readonly number[];
  /** The commonest first. */
  readonly mixedUp: readonly MixedUp[];
}

export type Statement = NumberStatement | PrincipleStatement | NumeralsStatement;

export const isOfNumbers = (statement: Statement): statement is NumberStatement => 'sureTo' in statement;

export const isOfNumerals = (statement: Statement): statement is NumeralsStatement => 'known' in statement;

/** Something is said that the child can do; else it is only said that it is open. */
export const isClaimed = (statement: Statement): boolean => statement.certainty !== 'unclear';

export interface StatementOptions {
  /** YYYY-MM-DD, where known: says only where to expect a child before the first try. */
  readonly birthDate?: string | null;
}
