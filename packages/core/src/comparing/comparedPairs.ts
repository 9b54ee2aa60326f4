import { readComparing } from '../reading/readComparing.js';
import { tryWeight } from '../evidence/tryWeight.js';
import type { TraceId } from '../trace/ids.js';
import type { Trace } from '../trace/trace.js';
import type { ComparedPair } from './comparingRule.js';

/** A pair with the try it comes from. */
export interface PairOfTry extends ComparedPair {
  readonly trace: TraceId;
  readonly right: boolean;
}

/** The sets a child chose between of itself, oldest first; where others answered or helped along nothing is read. */
export function comparedPairs(traces: readonly Trace[]): readonly PairOfTry[] {
  return traces
    .toSorted((a, b) => (a.startedAt < b.startedAt ? -1 : 1))
    .flatMap((trace) => {
      const reading = readComparing(trace);
      if (!reading || reading.chosen === null || reading.right === null) return [];
      if (reading.comparison.lie === 'cards') return [];
      const { success, miss } = tryWeight(trace);
      if (success < 1 || miss === 0) return [];
      return {
        comparison: reading.comparison,
        chosen: reading.chosen,
        right: reading.right,
        trace: trace.id,
      };
    });
}
