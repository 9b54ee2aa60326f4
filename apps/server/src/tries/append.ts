import type { PutTry, TraceEventBody, TryStored } from '@dotting/contract';
import type { TraceId } from '@dotting/core';
import { QueryFailedError, type EntityManager } from 'typeorm';
import { newEvents } from './admission.js';
import { correctionsFrom, eventRowOf } from './traces.js';

/**
 * Stores the next events of a try that goes on, in one statement: all of them or nothing. That is what devices send all
 * day long.
 *
 * @returns null, and nothing is stored, where they are not simply the next ones
 * @throws RefusedException where they cannot follow those stored
 */
export async function append(
  manager: EntityManager,
  id: TraceId,
  put: PutTry,
  revision: number,
): Promise<TryStored | null> {
  const [{ n, latest }]: [{ n: string; latest: number | null }] = await manager.query(
    'SELECT COUNT(*) AS n, MAX(t) AS latest FROM try_event WHERE try_id = ? AND seq < ?',
    [id, correctionsFrom],
  );
  const count = Number(n);
  if (put.events[0]?.seq !== count) return null;
  const fresh = newEvents(put, { count, latest: latest ?? 0, at: () => undefined });
  const isStored = await insertWhileOpen(manager, id, fresh);
  return isStored ? { id, events: count + fresh.length, revision } : null;
}

/** From the try's own row, so that one that has ended meanwhile gets nothing without its summary being told. */
async function insertWhileOpen(
  manager: EntityManager,
  id: TraceId,
  events: readonly TraceEventBody[],
): Promise<boolean> {
  const one = 'SELECT id, ?, ?, ?, ? FROM `try` WHERE id = ? AND ended IS NULL';
  const values = events
    .map((event) => eventRowOf(id, event))
    .flatMap(({ seq, t, kind, facts }) => [seq, t, kind, JSON.stringify(facts), id]);
  try {
    const { affectedRows }: { affectedRows: number } = await manager.query(
      `INSERT INTO try_event (try_id, seq, t, kind, facts) ${events.map(() => one).join(' UNION ALL ')}`,
      values,
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
