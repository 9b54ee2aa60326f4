import type { Here, PresentAdult, PutClosing, TryHead } from '@dotting/contract';
import type { SittingId, StaffId, TraceEvent, TraceId } from '@dotting/core';
import { openDB, type DBSchema, type IDBPDatabase, type IDBPObjectStore } from 'idb';
import type { KeptSitting } from './sitting.js';

/** A try as this device keeps it until the server has all of it. Its events are rows of their own. */
export interface KeptTry {
  readonly id: TraceId;
  readonly head: TryHead;
  readonly revision: number;
  /** The recorder's stay at the device. */
  readonly presence: string;
  /** How many events there are. */
  readonly events: number;
  /** What the server has acknowledged. */
  readonly sentEvents: number;
  readonly sentRevision: number;
  /** The server's words when it refused the try; it is kept here all the same. */
  readonly refused?: string;
  /** The server has put it aside for a lead: what it has acknowledged is kept there. */
  readonly isAside?: boolean;
}

/** How a sitting was closed, until the server has it. */
export interface KeptClosing {
  /** The sitting's. */
  readonly id: SittingId;
  readonly body: PutClosing;
  readonly refused?: string;
}

/** Who was last at this device. */
export interface KeptAdult {
  readonly adult: PresentAdult;
  readonly locked: boolean;
  /** The stay that is over here, and of which the server has not heard that yet. */
  readonly leaving?: string;
}

/** What a device that is signed in no longer could not send, closed up. */
export interface Sealed {
  /** The device that it was, for the server. */
  readonly device: string;
  readonly vector: Uint8Array<ArrayBuffer>;
  readonly data: ArrayBuffer;
  /** ms since the epoch. */
  readonly sealedAt: number;
}

interface Schema extends DBSchema {
  tries: { key: string; value: KeptTry };
  events: { key: [string, number]; value: TraceEvent & { readonly tryId: TraceId } };
  sittings: { key: string; value: KeptSitting };
  closings: { key: string; value: KeptClosing };
  device: { key: 'here'; value: Here };
  adult: { key: 'last'; value: KeptAdult };
  sealed: { key: string; value: Sealed };
}

let opened: Promise<IDBPDatabase<Schema>> | undefined;

export function database(): Promise<IDBPDatabase<Schema>> {
  opened ??= openDB<Schema>('dotting', 4, {
    upgrade: (db, before) => {
      db.createObjectStore('sealed', { keyPath: 'device' });
      if (before === 3) return;
      // An earlier version kept what a code could be guessed from.
      if (before > 0) db.deleteObjectStore('adult');
      db.createObjectStore('adult');
      if (before < 2) db.createObjectStore('closings', { keyPath: 'id' });
      if (before > 0) return;
      db.createObjectStore('tries', { keyPath: 'id' });
      db.createObjectStore('events', { keyPath: ['tryId', 'seq'] });
      db.createObjectStore('sittings', { keyPath: 'key' });
      db.createObjectStore('device');
    },
  });
  return opened;
}

export async function keepHere(here: Here | null): Promise<void> {
  const db = await database();
  if (here) await db.put('device', here, 'here');
  else await db.delete('device', 'here');
}

export async function keptHere(): Promise<Here | undefined> {
  return (await database()).get('device', 'here');
}

export async function keepAdult(adult: KeptAdult | null): Promise<void> {
  const db = await database();
  if (adult) await db.put('adult', adult, 'last');
  else await db.delete('adult', 'last');
}

/** Notes that whoever was last here is here no longer, in one step, so that nobody who comes in meanwhile is. */
export async function keepLocked(): Promise<void> {
  const transaction = (await database()).transaction('adult', 'readwrite');
  const kept = await transaction.store.get('last');
  if (kept) await transaction.store.put({ ...kept, locked: true, leaving: kept.adult.presence }, 'last');
  await transaction.done;
}

/** Notes that the server has heard of the end of a stay. */
export async function keepLeft(presence: string): Promise<void> {
  const transaction = (await database()).transaction('adult', 'readwrite');
  const kept = await transaction.store.get('last');
  if (kept?.leaving === presence) {
    const { leaving: _, ...rest } = kept;
    await transaction.store.put(rest, 'last');
  }
  await transaction.done;
}

export async function keptAdult(): Promise<KeptAdult | undefined> {
  return (await database()).get('adult', 'last');
}

export const sittingKey = (staffId: StaffId, childId: string): string => `${staffId}:${childId}`;

const eventsOf = (id: TraceId): IDBKeyRange => IDBKeyRange.bound([id, 0], [id, Infinity]);

export async function keptSitting(key: string): Promise<KeptSitting | undefined> {
  return (await database()).get('sittings', key);
}

export async function keptTry(
  id: TraceId,
): Promise<{ readonly kept: KeptTry; readonly events: readonly TraceEvent[] } | undefined> {
  const transaction = (await database()).transaction(['tries', 'events']);
  const kept = await transaction.objectStore('tries').get(id);
  const rows = await transaction.objectStore('events').getAll(eventsOf(id));
  return kept && { kept, events: rows.map(({ tryId: _, ...event }) => event as TraceEvent) };
}

/**
 * Keeps a step of a sitting: the sitting as it stands, its try's head and the events not kept yet,
 * all or nothing, and on the disk before it resolves. Fails when another window kept events in
 * their places.
 */
export async function keepStep(
  sitting: KeptSitting,
  step: {
    readonly id: TraceId;
    readonly head: TryHead;
    readonly revision: number;
    readonly presence: string;
  } | null,
  events: readonly TraceEvent[],
  newFrom: number,
): Promise<void> {
  const db = await database();
  const transaction = db.transaction(['sittings', 'tries', 'events'], 'readwrite', { durability: 'strict' });
  const writes: Promise<unknown>[] = [transaction.objectStore('sittings').put(sitting)];
  if (step) {
    const tries = transaction.objectStore('tries');
    const before = await tries.get(step.id);
    writes.push(
      tries.put({ sentEvents: 0, sentRevision: -1, ...before, ...step, events: events.length }),
      ...events
        .slice(newFrom)
        .map((event) => keepEvent(transaction.objectStore('events'), { ...event, tryId: step.id })),
    );
  }
  await Promise.all([...writes, transaction.done]);
}

export type KeptEvent = Schema['events']['value'];
type EventStore = IDBPObjectStore<Schema, ('sittings' | 'tries' | 'events')[], 'events', 'readwrite'>;

/** Fails where another event has its place; the same one is kept once. */
async function keepEvent(events: EventStore, event: KeptEvent): Promise<void> {
  const there = await events.get([event.tryId, event.seq]);
  if (JSON.stringify(there) !== JSON.stringify(event)) await events.add(event);
}

/** Keeps a try that belongs to no sitting on this device, in one step. */
export async function keepTry(kept: KeptTry, events: readonly TraceEvent[]): Promise<void> {
  const transaction = (await database()).transaction(['tries', 'events'], 'readwrite', {
    durability: 'strict',
  });
  const before = await transaction.objectStore('tries').get(kept.id);
  await Promise.all([
    transaction.objectStore('tries').put({
      ...kept,
      sentEvents: before?.sentEvents ?? 0,
      sentRevision: before?.sentRevision ?? -1,
    }),
    ...events.map((event) => transaction.objectStore('events').put({ ...event, tryId: kept.id })),
    transaction.done,
  ]);
}

/** Puts a sitting away together with how it was closed; its tries stay until they are sent. */
export async function closeSitting(key: string, closing: KeptClosing): Promise<void> {
  const transaction = (await database()).transaction(['sittings', 'closings'], 'readwrite', {
    durability: 'strict',
  });
  await Promise.all([
    transaction.objectStore('closings').put(closing),
    transaction.objectStore('sittings').delete(key),
    transaction.done,
  ]);
}

export async function keptClosings(): Promise<readonly KeptClosing[]> {
  return (await database()).getAll('closings');
}

export async function forgetClosing(id: SittingId): Promise<void> {
  await (await database()).delete('closings', id);
}

export async function keepClosingRefused(closing: KeptClosing): Promise<void> {
  await (await database()).put('closings', closing);
}

/** The sittings that this device holds for an adult, begun and not closed. */
export async function keptSittings(staffId: StaffId): Promise<readonly KeptSitting[]> {
  return (await (await database()).getAll('sittings')).filter((sitting) => sitting.staffId === staffId);
}

/** The sittings with these children that were left to whoever comes next. */
export async function handedOver(children: readonly string[]): Promise<readonly KeptSitting[]> {
  const all = await (await database()).getAll('sittings');
  return all.filter(({ child, handedOverBy }) => handedOverBy !== undefined && children.includes(child.id));
}

/** Makes a sitting that was left to whoever comes next another adult’s. */
export async function takeOver(
  left: KeptSitting,
  { id, presence }: Pick<PresentAdult, 'id' | 'presence'>,
): Promise<KeptSitting> {
  const taken = { ...left, key: sittingKey(id, left.child.id), staffId: id, presence };
  const transaction = (await database()).transaction('sittings', 'readwrite', { durability: 'strict' });
  await Promise.all([transaction.store.delete(left.key), transaction.store.put(taken), transaction.done]);
  return taken;
}

/** Ends a sitting on this device; its tries stay until they are sent. */
export async function dropSitting(key: string): Promise<void> {
  await (await database()).delete('sittings', key);
}

export async function keptTries(): Promise<readonly KeptTry[]> {
  return (await database()).getAll('tries');
}

export async function keepAcknowledged(
  id: TraceId,
  sentEvents: number,
  sentRevision: number,
  isAside: boolean,
): Promise<void> {
  const transaction = (await database()).transaction('tries', 'readwrite');
  const kept = await transaction.store.get(id);
  if (kept) await transaction.store.put({ ...kept, sentEvents, sentRevision, isAside });
  await transaction.done;
}

/** Notes why the server refused a try; without a reason that it is to be offered again. */
export async function keepRefused(id: TraceId, refused?: string): Promise<void> {
  const transaction = (await database()).transaction('tries', 'readwrite');
  const kept = await transaction.store.get(id);
  if (kept) {
    const { refused: _, ...rest } = kept;
    await transaction.store.put({ ...rest, ...(refused !== undefined && { refused }) });
  }
  await transaction.done;
}

/** Forgets all that is held about children and adults, or all but the tries that still have to be sent. */
export async function forgetAll(but: 'nothing' | 'unsent'): Promise<void> {
  const stores = ['tries', 'events', 'sittings', 'closings', 'device', 'adult'] as const;
  const transaction = (await database()).transaction(stores, 'readwrite');
  for (const store of ['sittings', 'device', 'adult'] as const) await transaction.objectStore(store).clear();
  if (but === 'nothing') await transaction.objectStore('closings').clear();
  for (const kept of await transaction.objectStore('tries').getAll()) {
    if (but === 'unsent' && isUnsent(kept) && kept.refused === undefined) continue;
    await transaction.objectStore('tries').delete(kept.id);
    await transaction.objectStore('events').delete(eventsOf(kept.id));
  }
  await transaction.done;
}

/**
 * Forgets a try that the server refused or put aside, for good: in its sitting too, which goes where nothing else is
 * left of it, and with it what was refused of closing the child's sittings. A try that was not refused stays.
 */
export async function dropRefused(id: TraceId): Promise<void> {
  const stores = ['tries', 'events', 'sittings', 'closings'] as const;
  const transaction = (await database()).transaction(stores, 'readwrite');
  const kept = await transaction.objectStore('tries').get(id);
  if (kept?.refused !== undefined || kept?.isAside) {
    await transaction.objectStore('tries').delete(id);
    await transaction.objectStore('events').delete(eventsOf(id));
    const sittings = transaction.objectStore('sittings');
    for (const sitting of await sittings.getAll()) {
      if (!sitting.tries.includes(id)) continue;
      const tries = sitting.tries.filter((one) => one !== id);
      if (tries.length === 0) await sittings.delete(sitting.key);
      else await sittings.put({ ...sitting, tries, isOpen: false });
    }
    const closings = transaction.objectStore('closings');
    for (const closing of await closings.getAll()) {
      const isOfChild = closing.body.childId === kept.head.childId;
      if (isOfChild && closing.refused !== undefined) await closings.delete(closing.id);
    }
  }
  await transaction.done;
}

/** Forgets tries that the server has in full and that no sitting on this device is still open with. */
export async function forgetSent(): Promise<void> {
  const transaction = (await database()).transaction(['tries', 'events', 'sittings'], 'readwrite');
  const open = new Set(
    (await transaction.objectStore('sittings').getAll()).flatMap((sitting) => sitting.tries),
  );
  for (const kept of await transaction.objectStore('tries').getAll()) {
    if (open.has(kept.id) || isUnsent(kept)) continue;
    await transaction.objectStore('tries').delete(kept.id);
    await transaction.objectStore('events').delete(eventsOf(kept.id));
  }
  await transaction.done;
}

export function isUnsent(kept: KeptTry): boolean {
  return kept.sentEvents < kept.events || kept.sentRevision < kept.revision;
}
