import type { PresentAdult, PutTry, TryStored } from '@dotting/contract';
import {
  layoutFor,
  runOf,
  setOf,
  taskOf,
  usualSchools,
  type ChildId,
  type InkDocument,
  type SittingId,
  type TraceId,
} from '@dotting/core';
import { v5 as uuidOf } from 'uuid';
import { request } from '../api/http.js';
import { momentAt } from '../common/moments.js';

/** Ids of what is taken from files are made in this space (RFC 9562, section 5.5): the same file makes the same tries. */
const space = '5f0c5e0a-8a36-4d0e-9b1f-3c6a1f0d7e52';

/**
 * Stores numerals from a file as tries of a child; those that the child has already stay as they are, and the same file
 * again changes nothing.
 *
 * @returns how many were new
 */
export async function takeInk(
  adult: PresentAdult,
  childId: ChildId,
  numerals: readonly InkDocument[],
  known: ReadonlySet<string>,
): Promise<number> {
  const named = numerals.map((one) => ({
    one,
    id: uuidOf(`${childId} ${JSON.stringify(one)}`, space) as TraceId,
  }));
  const fresh = named.filter(({ one, id }) => !known.has(id) && (one.id === null || !known.has(one.id)));
  const sitting = uuidOf(`${childId} ${fresh.map(({ id }) => id).join(' ')}`, space);
  for (const { one, id } of fresh) {
    await request<TryStored>('PUT', `tries/${id}`, tryOf(adult, childId, sitting as SittingId, one));
  }
  return fresh.length;
}

function tryOf(
  adult: PresentAdult,
  childId: ChildId,
  sittingId: SittingId,
  { numeral, writtenAt, strokes }: InkDocument,
): PutTry {
  const n = Number(numeral);
  const task = taskOf(n > 9 ? 'teen-write' : 'write-it');
  const layout = layoutFor(task, n, 'cork', 1, undefined, { schools: usualSchools });
  const events = [
    { seq: 0, t: 0, kind: 'ask' as const, question: 'write' as const },
    ...strokes.map((points, i) => ({ seq: i + 1, t: points.at(-1)!.t, kind: 'stroke' as const, points })),
  ];
  return {
    childId,
    sittingId,
    recordedBy: adult.id,
    startedAt: writtenAt ?? momentAt(Date.now()).iso,
    task: task.id,
    language: 'en',
    version: 2,
    set: setOf(task, n, 'cork', layout) as PutTry['set'],
    ...runOf(task, n),
    help: 'none',
    answeredBy: 'alone',
    firstTime: false,
    ended: 'finished',
    revision: 0,
    presence: adult.presence,
    events: events as PutTry['events'],
  };
}
