import { countOutPriorMean } from '../estimates/priors.js';
import { lastGiven } from '../reading/readGiving.js';
import { ruledOf } from '../reading/rulings.js';
import type { ThresholdSkill } from '../skills/map.js';
import type { Trace } from '../trace/trace.js';
import { slipsOfGiving, type SlipAt } from './tellingSlips.js';

/** What a try tells of a skill that gives way at some number. */
export interface ThresholdReader {
  /** The number asked for, and whether it went well; null where the try says nothing of it. */
  readonly look: (trace: Trace) => { readonly n: number; readonly success: boolean } | null;
  /** The slips that speak against it. */
  readonly slips: (trace: Trace) => readonly SlipAt[];
  /** Where to expect a child of so many months; null for anywhere. Never shown as a norm. */
  readonly priorMean: (months: number | null) => number | null;
}

const countOut: ThresholdReader = {
  look: (trace) => {
    const given = lastGiven(trace);
    const { target } = trace;
    if (given === null || given === 0 || target === undefined) return null;
    return { n: target, success: ruledOf(trace, 'task') ?? given === target };
  },
  slips: slipsOfGiving,
  priorMean: countOutPriorMean,
};

/** How a try tells of each skill that gives way at some number, where a task looks at it. */
export const thresholdReaders: Readonly<Record<ThresholdSkill, ThresholdReader>> = { 'count-out': countOut };
