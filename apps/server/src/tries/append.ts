import type { PutTry, TraceEventBody, TryStored } from '@dotting/contract';
import type { TraceId } from '@dotting/core';
import { QueryFailedError, type EntityManager } from 'typeorm';
import { newEvents } from './admission.js';
import { eventRowOf } from './traces.js';

/**
 * Stores the next events of a try that goes on, in one statement: all of them or nothing. That is what devices send all
 * day long, and all that is asked of the database for it.
 *
 * @param put its head is known to be as it is stored
 * @returns null, and nothing is stored, where they are not simply the next ones
 * @throws RefusedException where they cannot follow one another
 */
export async function append(manager: EntityManager, id: TraceId, put: PutTry): Promise<TryStored | null> {
  const [first] = put.events;
  if (!first) return null;
  const fresh = newEvents(put, { count: first.seq, latest: 0, at: () => undefined });
  return (await isAppended(manager, id, put, fresh))
    ? { id, events: first.seq + fresh.length, revision: put.revision }
    : null;
}

/**
 * From the try's own row: one that has ended or was moved meanwhile gets nothing, nor does one that lacks the event
 * before, or has it later.
 */
async function isAppended(
  manager: EntityManager,
  id: TraceId,
  { childId, recordedBy, revision }: PutTry,
  events: readonly TraceEventBody[],
): Promise<boolean> {
  const { seq: first, t: time } = events[0]!;
  const rows = events.map((event) => eventRowOf(id, event));
  const fresh = rows.map(() => 'SELECT ? AS seq, ? AS t, ? AS kind, ? AS facts').join(' UNION ALL ');
  const before =
    first === 0
      ? ''
      : 'AND EXISTS (SELECT 1 FROM try_event AS one WHERE one.try_id = `try`.id AND one.seq = ? AND one.t <= ?)';
  try {
    const { affectedRows }: { affectedRows: number } = await manager.query(
      `INSERT INTO try_event (try_id, seq, t, kind, facts)
       SELECT \`try\`.id, fresh.seq, fresh.t, fresh.kind, fresh.facts FROM \`try\` JOIN (${fresh}) AS fresh
       WHERE \`try\`.id = ? AND ended IS NULL AND child_id = ? AND recorded_by = ? AND revision = ? ${before}`,
      [
        ...rows.flatMap(({ seq, t, kind, facts }) => [seq, t, kind, JSON.stringify(facts)]),
        ...[id, childId, recordedBy, revision],
        ...(first === 0 ? [] : [first - 1, time]),
      ],
    );
    return affectedRows === events.length;
  } catch (error) {
    if (isRefusedBy(error, 'ER_DUP_ENTRY')) return false;
    throw error;
  }
}

/** Whether the database refused a statement with this code. */
export const isRefusedBy = (error: unknown, code: string): boolean =>
  error instanceof QueryFailedError && (error.driverError as { code?: string }).code === code;
