import type { ChildId, SittingId, StaffId, TraceId } from '../trace/ids.js';
import type { Happening, Trace, TraceEvent } from '../trace/trace.js';

/** Gives happenings their place in a try, a second apart. */
export function placed(happenings: readonly Happening[]): TraceEvent[] {
  return happenings.map((happening, seq) => ({ ...happening, seq, t: 1000 * (seq + 1) }));
}

export const counted = (...words: readonly (number | string)[]): Happening[] =>
  words.map((word) => ({ kind: 'count', word }));

const upTo = (n: number): readonly number[] => Array.from({ length: n }, (_, i) => i + 1);

let rows = 0;

/** A row of n things counted clean, or with one word past the last. */
export const row = (n: number, isClean = true, facts: Partial<Trace> = {}): Trace =>
  traceOf({
    id: `row-${rows++}` as TraceId,
    set: { size: n, things: 'cork', arrangement: 'row' },
    target: n,
    happenings: counted(...upTo(isClean ? n : n + 1)),
    ...facts,
  });

/** A finished, unaided try of eight corks in a row, with what a test says of it. */
export function traceOf(facts: Partial<Trace> & { readonly happenings?: readonly Happening[] }): Trace {
  const { happenings = [], ...trace } = facts;
  return {
    id: 'trace-1' as TraceId,
    childId: 'child-1' as ChildId,
    sittingId: 'sitting-1' as SittingId,
    recordedBy: 'adult-1' as StaffId,
    startedAt: '2026-03-02T09:30:00.000+00:00',
    task: 'count-row',
    language: 'en',
    set: { size: 8, things: 'cork', arrangement: 'row' },
    start: 1,
    direction: 1,
    help: 'none',
    answeredBy: 'alone',
    firstTime: false,
    ended: 'finished',
    events: placed(happenings),
    ...trace,
  };
}
