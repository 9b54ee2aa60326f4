import type { PutTry, TraceEventBody, TryHead } from '@dotting/contract';
import { groupBy, type Ended, type Trace, type TraceEvent, type TraceId } from '@dotting/core';
import type { Try } from './try.entity.js';
import type { TryEvent } from './tryEvent.entity.js';

/** A try that has ended, as the core reads it; one still going on shows nothing yet. */
export function endedTraces(tries: readonly Try[], events: readonly TryEvent[]): Trace[] {
  const eventsOf = groupBy(events, (event) => event.tryId);
  return tries.flatMap((row) =>
    row.ended === null
      ? []
      : [{ ...headOf(row), ended: row.ended, id: row.id, events: (eventsOf.get(row.id) ?? []).map(eventOf) }],
  );
}

/** A row as the head it was sent as: what was absent is absent again. */
export function headOf(row: Try): TryHead & { ended: Ended | null } {
  return {
    childId: row.childId,
    sittingId: row.sittingId,
    recordedBy: row.recordedBy,
    startedAt: row.startedAt,
    task: row.task,
    language: row.language,
    set: {
      size: row.setSize,
      things: row.setThings,
      arrangement: row.setArrangement,
      ...(row.setCue !== null && { cue: row.setCue }),
      ...(row.setPile !== null && { pile: row.setPile }),
      ...(row.setLayout !== null && { layout: row.setLayout }),
    },
    start: row.start,
    direction: row.direction,
    help: row.help,
    answeredBy: row.answeredBy,
    firstTime: row.firstTime,
    ended: row.ended,
    ...(row.target !== null && { target: row.target }),
    ...(row.choices !== null && { choices: row.choices }),
    ...(row.strategy !== null && { strategy: row.strategy }),
    ...(row.seen !== null && { seen: row.seen }),
    ...(row.shownMs !== null && { shownMs: row.shownMs }),
    ...(row.whole && { whole: true as const }),
    ...(row.setAside !== null && { setAside: row.setAside }),
  };
}

export function rowOf(id: TraceId, put: PutTry): Try {
  return {
    id,
    childId: put.childId,
    sittingId: put.sittingId,
    recordedBy: put.recordedBy,
    startedAt: put.startedAt,
    task: put.task,
    language: put.language,
    setSize: put.set.size,
    setThings: put.set.things,
    setArrangement: put.set.arrangement,
    setCue: put.set.cue ?? null,
    setPile: put.set.pile ?? null,
    setLayout: put.set.layout ?? null,
    start: put.start,
    direction: put.direction,
    target: put.target ?? null,
    choices: put.choices ?? null,
    strategy: put.strategy ?? null,
    help: put.help,
    answeredBy: put.answeredBy,
    firstTime: put.firstTime,
    ended: put.ended,
    seen: put.seen ?? null,
    shownMs: put.shownMs ?? null,
    whole: put.whole ?? false,
    setAside: put.setAside ?? null,
    revision: put.revision,
  };
}

export function eventOf(row: TryEvent): TraceEvent {
  return { ...row.facts, kind: row.kind, seq: row.seq, t: row.t } as TraceEvent;
}

export function eventRowOf(tryId: TraceId, event: TraceEventBody): TryEvent {
  const { seq, t, kind, ...facts } = event;
  return { tryId, seq, t, kind, facts };
}
