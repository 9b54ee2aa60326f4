import { readTry } from '../reading/readTry.js';
import { dayOf, type Trace } from '../trace/trace.js';
import type { TraceId } from '../trace/ids.js';
import { tryWeight } from '../weight/tryWeight.js';

/** The skills a sitting can look at so far, in the order of the child's page. */
export const skills = ['order', 'one-to-one-aside', 'one-to-one-row', 'last-word'] as const;
export type Skill = (typeof skills)[number];

/** What one try says about one skill. */
export interface Outcome {
  readonly traceId: TraceId;
  readonly day: string;
  readonly startedAt: string;
  readonly things: string;
  /** The number the try speaks about. */
  readonly n: number;
  /** Without the slip that the skill is about. */
  readonly holds: boolean;
  /** Alone, with no help that could have carried it: counts in full. */
  readonly unaided: boolean;
}

/** What this try says about the skill; null where it says nothing. */
export function outcomeFor(skill: Skill, trace: Trace): Outcome | null {
  const finding = findingFor(skill, trace);
  if (!finding) return null;
  const weight = tryWeight(trace);
  if ((finding.holds ? weight.success : weight.miss) === 0) return null;
  return {
    traceId: trace.id,
    day: dayOf(trace),
    startedAt: trace.startedAt,
    things: trace.set.things,
    unaided: weight.success === 1,
    ...finding,
  };
}

export function outcomesFor(skill: Skill, traces: readonly Trace[]): readonly Outcome[] {
  return traces.map((trace) => outcomeFor(skill, trace)).filter((outcome) => outcome !== null);
}

function findingFor(skill: Skill, trace: Trace): Pick<Outcome, 'n' | 'holds'> | null {
  const { order, pairing, total } = readTry(trace);
  const size = trace.set.size;
  switch (skill) {
    case 'order': {
      if (trace.start !== 1 || trace.direction !== 1) return null;
      if (order.slips.length > 0) return { n: Math.max(size, order.upTo + 1), holds: false };
      // A count that stops short says nothing of the numbers it did not reach.
      return order.upTo >= 1 ? { n: order.upTo, holds: true } : null;
    }
    case 'one-to-one-aside':
      return pairing && trace.set.arrangement === 'movable' ? { n: size, holds: pairing.holds } : null;
    case 'one-to-one-row':
      return pairing && trace.set.arrangement === 'row' ? { n: size, holds: pairing.holds } : null;
    case 'last-word':
      return total && total.shown !== null ? { n: size, holds: total.shown } : null;
  }
}
