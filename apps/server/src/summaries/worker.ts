import { inHand } from './inHand.js';
import { workOut, type ChildEvidence, type ChildSummary } from './workOut.js';

/** What is sent to the thread. */
export interface SummaryTask {
  readonly evidence: ChildEvidence;
  readonly day: string;
}

/** Runs in a thread of its own, so that no child's record keeps the others waiting. */
export default function run({ evidence, day }: SummaryTask): ChildSummary {
  return workOut({ ...evidence, traces: inHand(evidence.child.id, evidence.traces) }, day);
}
