import {
  headFieldNames,
  headFields,
  type HeadFieldName,
  type HeadFields,
  type PutTry,
  type StoredTry,
  type TraceEventBody,
  type TryHead,
} from '@dotting/contract';
import {
  groupBy,
  type Ended,
  type Layout,
  type Ruling,
  type Trace,
  type TraceEvent,
  type TraceId,
} from '@dotting/core';
import type { RulingRow } from './ruling.entity.js';
import type { HeadRow, Try } from './try.entity.js';
import type { TryEvent } from './tryEvent.entity.js';

/** A try that has ended, as the core reads it; one still going on shows nothing yet. */
export function endedTraces(
  tries: readonly Try[],
  events: readonly TryEvent[],
  rulings: readonly RulingRow[],
): Trace[] {
  const rowsOf = groupBy(events, (event) => event.tryId);
  const rulingsOf = groupBy(rulings, (ruling) => ruling.tryId);
  return tries.flatMap((row) =>
    row.ended === null
      ? []
      : [traceOf(row, row.ended, rowsOf.get(row.id) ?? [], rulingsOf.get(row.id) ?? [])],
  );
}

/** One try as the core reads it. Its rulings name who ruled by first name, where the rows carry it. */
export function traceOf(
  row: Try,
  ended: Ended,
  events: readonly TryEvent[],
  rulings: readonly RulingRow[],
): Trace {
  return {
    ...headOf(row),
    ended,
    id: row.id,
    ...(rulings.length > 0 && { rulings: rulings.map(rulingOf) }),
    ...(row.sameAs !== null && { sameAs: row.sameAs }),
    events: eventsOf(events),
  };
}

const rulingOf = ({ on, holds, reason, staff, ruledBy, at }: RulingRow): Ruling => ({
  on,
  holds,
  reason,
  by: staff?.firstName ?? ruledBy,
  at,
});

/** A row as the head it was sent as: what was absent is absent again. */
export function headOf(row: Try): TryHead & { ended: Ended | null } {
  const isAbsent = (name: HeadFieldName): boolean =>
    'isOptional' in headFields[name] && (row[name] === null || row[name] === false);
  const said = headFieldNames.filter((name) => !isAbsent(name)).map((name) => [name, row[name]]);
  return {
    ...(Object.fromEntries(said) as HeadFields),
    set: {
      size: row.setSize,
      things: row.setThings,
      arrangement: row.setArrangement,
      ...(row.setCue !== null && { cue: row.setCue }),
      ...(row.setPile !== null && { pile: row.setPile }),
      ...(row.setLayout !== null && { layout: row.setLayout }),
    },
  };
}

export function rowOf(id: TraceId, put: PutTry): Try {
  const absent = (name: HeadFieldName) => (headFields[name].kind === 'mark' ? false : null);
  const head = headFieldNames.map((name) => [name, put[name] ?? absent(name)]);
  return {
    id,
    ...(Object.fromEntries(head) as HeadRow),
    setSize: put.set.size,
    setThings: put.set.things,
    setArrangement: put.set.arrangement,
    setCue: put.set.cue ?? null,
    setPile: put.set.pile ?? null,
    // Without the classes it was validated as, to be comparable with what is stored.
    setLayout: put.set.layout ? (JSON.parse(JSON.stringify(put.set.layout)) as Layout) : null,
    // Decided at the server, and kept by it.
    sameAs: null,
    sameAsBy: null,
    sameAsAt: null,
    sameAsReason: null,
    isLate: false,
    startedByDevice: null,
    revision: put.revision,
  };
}

/**
 * Corrections made at the server are stored from this place on, far behind all that a device can still
 * send of its try: whatever comes late takes the place that it had at the device.
 */
export const correctionsFrom = 100_000;

/** What the device recorded, and what was corrected at the server, each in its order. */
export function partsOf(rows: readonly TryEvent[]): {
  readonly recorded: readonly TraceEvent[];
  readonly corrections: readonly TraceEvent[];
} {
  const events = rows.map(({ facts, kind, seq, t }) => ({ ...facts, kind, seq, t }) as unknown as TraceEvent);
  return {
    recorded: events.filter((event) => event.seq < correctionsFrom),
    corrections: events.filter((event) => event.seq >= correctionsFrom),
  };
}

/** The events of a try as one trace: the corrections follow what was recorded, with no gap in place or time. */
export function eventsOf(rows: readonly TryEvent[]): readonly TraceEvent[] {
  const { recorded, corrections } = partsOf(rows);
  const latest = recorded.at(-1)?.t ?? 0;
  const following = corrections.map((event, i) => ({
    ...event,
    seq: recorded.length + i,
    t: Math.max(latest, event.t),
  }));
  return [...recorded, ...following];
}

export function eventRowOf(tryId: TraceId, event: TraceEventBody): TryEvent {
  const { seq, t, kind, ...facts } = event;
  return { tryId, seq, t, kind, facts };
}

/** A trace as it is sent: with lists that may be written to, as the contract has them. */
export function storedOf({ events, rulings, ...trace }: Trace): StoredTry {
  return {
    ...(structuredClone(trace) as Omit<StoredTry, 'events' | 'rulings'>),
    ...(rulings && { rulings: [...rulings] }),
    events: events as TraceEventBody[],
  };
}
