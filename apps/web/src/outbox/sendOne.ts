import type { PutAside, PutTry, TryStored } from '@dotting/contract';
import { isNoForGood, Refused, request } from '../api/http.js';
import {
  dropRefused,
  forgetClosing,
  keepAcknowledged,
  keepClosingRefused,
  keepRefused,
  keptTry,
  type KeptClosing,
  type KeptTry,
} from './database.js';

const eventsAtOnce = 200;

/** Sends what the server has not acknowledged of a try. What it refuses for good it is given to put aside. */
export async function sendTry(kept: KeptTry): Promise<void> {
  const whole = await keptTry(kept.id);
  if (!whole) return;
  const { events } = whole;
  const bodyOf = (some: typeof events): PutTry => ({
    ...kept.head,
    revision: kept.revision,
    presence: kept.presence,
    events: [...some],
  });
  try {
    const next = events.slice(kept.sentEvents, kept.sentEvents + eventsAtOnce);
    const stored = await request<TryStored>('PUT', `tries/${kept.id}`, bodyOf(next));
    await keepAcknowledged(kept.id, stored.events, stored.revision, false);
    if (stored.events < events.length) await sendTry({ ...kept, sentEvents: stored.events });
  } catch (error) {
    if (!isFinal(error)) throw error;
    const { childId, recordedBy, startedAt: at } = kept.head;
    const field = inWhole(error.fields[0]?.field ?? '', kept.sentEvents);
    const aside = { what: 'try', childId, recordedBy, at, field, body: bodyOf(events) } as const;
    if (!(await isPutAside(kept.id, error, aside))) return keepRefused(kept.id, error.message);
    await keepAcknowledged(kept.id, events.length, kept.revision, true);
    // Its child is in the register no longer: nothing of it stays here.
    if (error.status === 404) await dropRefused(kept.id);
  }
}

export async function sendClosing(closing: KeptClosing): Promise<void> {
  const { id, body } = closing;
  try {
    await request('PUT', `sittings/${id}/closing`, body);
    await forgetClosing(id);
  } catch (error) {
    if (!isFinal(error)) throw error;
    const { childId, recordedBy, closedAt: at } = body;
    const field = error.fields[0]?.field ?? '';
    if (await isPutAside(id, error, { what: 'closing', childId, recordedBy, at, field, body }))
      await forgetClosing(id);
    else await keepClosingRefused({ ...closing, refused: error.message });
  }
}

/** Gives the server what it refused, for a lead to settle; false where it refuses even that. */
async function isPutAside(id: string, refusal: Refused, aside: Omit<PutAside, 'why'>): Promise<boolean> {
  const why = refusal.message.slice(0, longestWhy);
  try {
    await request('PUT', `set-aside/${id}`, { ...aside, why });
    return true;
  } catch (error) {
    if (!isFinal(error)) throw error;
    return false;
  }
}

const longestWhy = 400;

/** A step’s field by its place in the whole try, not in the part that was sent. */
const inWhole = (field: string, from: number): string =>
  field.replace(/^events\.(\d+)/, (_, place: string) => `events.${Number(place) + from}`);

/** Something about this one request went wrong at the server: others may go well. */
export const isStumble = (error: unknown): error is Refused =>
  error instanceof Refused && error.status === 500;

/** The server will never take it; without an adult at the device it only does not take it yet. */
const isFinal = (error: unknown): error is Refused => isNoForGood(error) && error.status !== 401;
