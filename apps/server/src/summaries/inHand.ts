import type { ChildId, Trace, TraceId } from '@dotting/core';

/** Each child in hand takes a few megabytes; so many are sat down with at one time. */
const mostChildren = 12;

interface Kept {
  readonly text: string;
  readonly trace: Trace;
}

const children = new Map<ChildId, ReadonlyMap<TraceId, Kept>>();

/**
 * The same tries, as the very objects they were the last time wherever nothing of them has changed: the core keeps what
 * it has read with those, so that a new try costs its own day only. Of the latest few children.
 */
export function inHand(childId: ChildId, traces: readonly Trace[]): readonly Trace[] {
  const before = children.get(childId);
  const now = traces.map((trace): Kept => {
    const text = JSON.stringify(trace);
    const kept = before?.get(trace.id);
    return kept?.text === text ? kept : { text, trace };
  });
  children.delete(childId);
  children.set(childId, new Map(now.map((one) => [one.trace.id, one])));
  if (children.size > mostChildren) children.delete(children.keys().next().value!);
  return now.map(({ trace }) => trace);
}
