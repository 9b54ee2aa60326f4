import 'fake-indexeddb/auto';
import type { PutAside, PutTry, TryHead } from '@dotting/contract';
import type { ChildId, SittingId, StaffId, TraceEvent, TraceId } from '@dotting/core';
import type { KeptSitting } from './sitting.js';
import { database, dropSitting, forgetAll, keepHere, keepStep, keptTries, keptTry } from './database.js';
import { outbox } from './outbox.js';
import { seal, unseal } from './sealed.js';

/** A stand-in for the server: what it has stored, by try, and how it answers. */
const server = {
  stored: new Map<string, TraceEvent[]>(),
  answers: true,
  losesAnswers: false,
  refuses: null as { status: number; message: string; field?: string } | null,
  /** Goes wrong at the server, whenever it is sent. */
  stumblesOver: null as string | null,
  requests: 0,
  /** Whether it puts aside what it refuses. */
  keepsAside: false as boolean | 'not now',
  aside: new Map<string, PutAside>(),
  /** The key it gives back; null for none. */
  sealing: null as string | null,
};

function respond(path: string, body: PutTry | PutAside): Response {
  server.requests++;
  if (!server.answers) throw new TypeError('network');
  if (path.endsWith('/sealing')) {
    const { sealing } = server;
    const status = sealing === null ? 404 : 200;
    const none = { statusCode: 404, message: 'There is no such device here.', fields: [] };
    return Response.json(sealing === null ? none : { device: 'tablet', key: sealing }, { status });
  }
  if ('what' in body && server.keepsAside !== false) {
    if (server.keepsAside === 'not now') throw new TypeError('network');
    server.aside.set(path.split('/').at(-1)!, body);
    return new Response(null, { status: 204 });
  }
  return respondToTry(path, body as PutTry);
}

function respondToTry(path: string, body: PutTry): Response {
  if (server.refuses) {
    const { status, message, field } = server.refuses;
    const fields = field === undefined ? [] : [{ field, message }];
    return Response.json({ statusCode: status, message, fields }, { status });
  }
  const id = path.split('/').at(-1)!;
  if (id === server.stumblesOver)
    return Response.json({ statusCode: 500, message: 'Something went wrong.', fields: [] }, { status: 500 });
  const events = server.stored.get(id) ?? [];
  for (const event of body.events as TraceEvent[]) {
    if (event.seq > events.length) throw new Error(`a gap before ${event.seq}`);
    events[event.seq] = event;
  }
  server.stored.set(id, events);
  if (server.losesAnswers) throw new TypeError('network');
  return Response.json({ id, events: events.length, revision: body.revision });
}

beforeAll(() => {
  Object.assign(globalThis, {
    window: { addEventListener: () => undefined, removeEventListener: () => undefined },
    navigator: {},
    fetch: async (path: string, { body = '{}' }: { body?: string }) =>
      respond(path, JSON.parse(body) as PutTry | PutAside),
  });
});

beforeEach(() => {
  server.stored.clear();
  server.aside.clear();
  Object.assign(server, {
    answers: true,
    losesAnswers: false,
    refuses: null,
    stumblesOver: null,
    requests: 0,
    keepsAside: false,
  });
});

const head = {
  childId: 'child',
  sittingId: 'sitting',
  set: { size: 4, things: 'cork', arrangement: 'row' },
} as unknown as TryHead;
const counts = (from: number, to: number): TraceEvent[] =>
  Array.from({ length: to - from + 1 }, (_, i) => ({
    seq: from + i,
    t: 0,
    kind: 'count',
    word: from + i + 1,
  }));

const sittingOf = (id: TraceId): KeptSitting => ({
  key: `sitting of ${id}`,
  id: 'sitting' as SittingId,
  staffId: 'adult' as StaffId,
  presence: 'stay',
  child: { id: 'child' as ChildId } as KeptSitting['child'],
  earlier: [],
  metTasks: [],
  plan: { task: 'count-row', size: 4, things: 'cork', why: '', language: 'en' },
  whole: { minutes: 4, main: 'count-row', mainWhy: '', other: null },
  stage: 'sitting',
  access: [],
  pausedAt: null,
  pausedMs: 0,
  closing: null,
  tries: [id],
  isPlanDue: false,
  isOpen: true,
});

/** Keeps the events of a try up to one, those before `newFrom` being kept already. */
const keep = (id: TraceId, upTo: number, newFrom: number, revision = 0): Promise<void> =>
  outbox.add(() =>
    keepStep(sittingOf(id), { id, head, revision, presence: 'stay' }, counts(0, upTo), newFrom),
  );

/** Resolves once the outbox says what is expected of it. */
const until = (isSo: () => boolean): Promise<void> =>
  new Promise((resolve) => {
    if (isSo()) return resolve();
    const unsubscribe = outbox.subscribe(() => {
      if (!isSo()) return;
      unsubscribe();
      resolve();
    });
  });
const allSent = () => until(() => outbox.read().tries === 0);
let made = 0;
const newId = () => `try-${made++}` as TraceId;

test('what is kept is sent, each event once and in order', async () => {
  const id = newId();
  await keep(id, 1, 0);
  await keep(id, 3, 2);
  await allSent();
  expect(server.stored.get(id)!.map((event) => event.seq)).toEqual([0, 1, 2, 3]);
});

test('a step counts as waiting from the tap on, before it is on the disk', async () => {
  await allSent();
  const kept = keep(newId(), 0, 0);
  expect(outbox.read().tries).toBe(1);
  await kept;
  await allSent();
});

test('an answer that gets lost on its way: the same events again, stored once', async () => {
  const id = newId();
  server.losesAnswers = true;
  await keep(id, 2, 0);
  await until(() => outbox.read().waitsFor === 'connection');
  expect((await keptTry(id))!.kept.sentEvents).toBe(0);
  server.losesAnswers = false;
  outbox.send();
  await allSent();
  expect(server.stored.get(id)).toHaveLength(3);
});

test('without a connection all is kept, and said to be', async () => {
  const id = newId();
  server.answers = false;
  await keep(id, 2, 0);
  await until(() => outbox.read().waitsFor === 'connection');
  expect(outbox.read()).toMatchObject({ tries: 1, events: 3 });
  expect((await keptTry(id))!.events).toEqual(counts(0, 2));
  server.answers = true;
  outbox.send();
  await allSent();
  expect(server.stored.get(id)).toHaveLength(3);
});

test('a try that is refused is kept with the server’s words, does not hold up others, and can be offered again', async () => {
  const [refused, other] = [newId(), newId()];
  server.refuses = { status: 422, message: 'set.things: no counter on the shelf is called “cork”' };
  await keep(refused, 1, 0);
  await until(() => outbox.read().refused.length === 1);
  expect(outbox.read().refused[0]!.refused).toMatch(/no counter on the shelf/);
  server.refuses = null;
  await keep(other, 0, 0);
  await until(() => server.stored.has(other) && outbox.read().tries === 1);
  await outbox.offerAgain(refused);
  await allSent();
  expect(server.stored.get(refused)).toHaveLength(2);
});

test('a refused try is forgotten when an adult lets it go, and one that only waits is not', async () => {
  const [refused, waits] = [newId(), newId()];
  server.refuses = { status: 404, message: 'There is no such child at this site.' };
  await keep(refused, 1, 0);
  await until(() => outbox.read().refused.length === 1);
  server.refuses = null;
  server.answers = false;
  await keep(waits, 0, 0);
  await outbox.letGo(waits);
  await outbox.letGo(refused);
  expect(await keptTry(refused)).toBeUndefined();
  expect((await keptTry(waits))!.events).toEqual(counts(0, 0));
  server.answers = true;
  outbox.send();
  await allSent();
  expect(server.stored.has(refused)).toBe(false);
  expect(server.stored.get(waits)).toHaveLength(1);
});

test('a server in trouble, a lost session or too many requests are no refusal: the try waits', async () => {
  for (const status of [500, 401, 429]) {
    const id = newId();
    server.refuses = { status, message: 'not now' };
    await keep(id, 0, 0);
    const before = server.requests;
    outbox.send();
    await until(() => server.requests > before);
    expect((await keptTry(id))!.kept.refused).toBeUndefined();
    server.refuses = null;
    outbox.send();
    await allSent();
  }
});

test('one that the server stumbles over holds up nothing behind it, and goes when it can', async () => {
  const [bad, good] = [newId(), newId()];
  server.stumblesOver = bad;
  await keep(bad, 1, 0);
  await keep(good, 1, 0);
  await until(() => server.stored.get(good)?.length === 2 && outbox.read().tries === 1);
  await until(() => outbox.read().waitsFor === 'server');
  expect((await keptTry(bad))!.kept.refused).toBeUndefined();
  server.stumblesOver = null;
  outbox.send();
  await allSent();
  expect(server.stored.get(bad)).toHaveLength(2);
});

describe('what the server refuses for good', () => {
  test('is put aside there whole, with why, and the device is done with it', async () => {
    const id = newId();
    await keep(id, 1, 0);
    await allSent();
    server.refuses = { status: 422, message: 'events.0.t: too late', field: 'events.0.t' };
    server.keepsAside = true;
    await keep(id, 3, 2);
    await until(() => outbox.read().tries === 0 && outbox.read().aside === 1);
    const aside = server.aside.get(id)!;
    expect(aside).toMatchObject({ what: 'try', childId: 'child', why: 'events.0.t: too late' });
    // The place in the whole try, of which only the rest was sent.
    expect(aside.field).toBe('events.2.t');
    expect((aside.body as PutTry).events).toEqual(counts(0, 3));
    expect(outbox.read().refused).toEqual([]);
  });

  test('holds up nothing, and what comes later of it is put aside too', async () => {
    const [refused, other] = [newId(), newId()];
    server.refuses = { status: 403, message: 'The family has objected.' };
    server.keepsAside = true;
    await keep(refused, 0, 0);
    await until(() => server.aside.has(refused) && outbox.read().tries === 0);
    await keep(refused, 2, 1);
    await until(() => (server.aside.get(refused)!.body as PutTry).events.length === 3);
    server.refuses = null;
    await keep(other, 0, 0);
    await allSent();
    expect(server.stored.has(other)).toBe(true);
    expect(server.stored.has(refused)).toBe(false);
  });

  test('waits while the server cannot be reached to put it aside', async () => {
    const id = newId();
    server.refuses = { status: 404, message: 'There is no such child here.' };
    server.keepsAside = 'not now';
    await keep(id, 1, 0);
    await until(() => outbox.read().waitsFor === 'connection');
    expect((await keptTry(id))!.kept).toMatchObject({ sentEvents: 0 });
    server.keepsAside = true;
    outbox.send();
    await until(() => outbox.read().tries === 0);
    expect(server.aside.has(id)).toBe(true);
  });
});

describe('what a device that is signed in no longer could not send', () => {
  const key = Buffer.alloc(32, 7).toString('base64');
  const text = async () => {
    const db = await database();
    const stores = ['tries', 'events', 'closings', 'device', 'sealed'] as const;
    return JSON.stringify(await Promise.all(stores.map((store) => db.getAll(store))));
  };

  test('is held sealed, and comes back when the device is signed in for the same nursery again', async () => {
    const id = newId();
    await keepHere({ site: 'Sluice Cottage', sealing: { device: 'tablet', key } } as never);
    server.answers = false;
    await keep(id, 2, 0);
    expect(await outbox.deliver()).toBe(false);
    expect(await seal()).toBe(true);
    await forgetAll('nothing');
    expect(await text()).not.toContain(id);
    expect(await text()).not.toContain('Sluice');

    server.answers = true;
    server.sealing = null;
    expect(await unseal()).toBe(false);
    expect(await keptTry(id)).toBeUndefined();
    server.sealing = key;
    expect(await unseal()).toBe(true);
    expect((await keptTry(id))!.events).toEqual(counts(0, 2));
    outbox.send();
    await allSent();
    expect(server.stored.get(id)).toHaveLength(3);
    expect(await unseal()).toBe(false);
  });

  test('stays as it is where there is no key', async () => {
    await keepHere(null);
    expect(await seal()).toBe(false);
  });
});

describe('a device that is signed in no longer', () => {
  const held = async () => {
    const db = await database();
    const stores = ['tries', 'events', 'sittings', 'closings', 'device', 'adult'] as const;
    return Promise.all(stores.map((store) => db.count(store)));
  };

  test('sends what waits, and then holds nothing', async () => {
    const id = newId();
    server.answers = false;
    await keep(id, 2, 0);
    await until(() => outbox.read().waitsFor === 'connection');
    server.answers = true;
    expect(await outbox.deliver()).toBe(true);
    await forgetAll('nothing');
    expect(server.stored.get(id)).toHaveLength(3);
    expect(await held()).toEqual([0, 0, 0, 0, 0, 0]);
  });

  test('keeps only tries that the server could not take yet', async () => {
    const [waits, sent] = [newId(), newId()];
    await keep(sent, 0, 0);
    await allSent();
    server.stumblesOver = waits;
    await keep(waits, 1, 0);
    expect(await outbox.deliver()).toBe(false);
    await forgetAll('unsent');
    expect(await held()).toEqual([1, 2, 0, 0, 0, 0]);
    server.stumblesOver = null;
    outbox.send();
    await allSent();
  });
});

test('a step that clashes with another window’s is refused whole, and nothing of it is kept', async () => {
  const id = newId();
  await keep(id, 2, 0);
  const others = counts(0, 3).map((event) => ({ ...event, t: event.t + 1 }));
  const step = { id, head, revision: 0, presence: 'stay' };
  await expect(outbox.add(() => keepStep(sittingOf(id), step, others, 1))).rejects.toThrow();
  expect((await keptTry(id))!.kept.events).toBe(3);
  await allSent();
});

test('tries that are sent are forgotten with their sitting, never before', async () => {
  const id = newId();
  await keep(id, 1, 0);
  await allSent();
  expect((await keptTries()).some((one) => one.id === id)).toBe(true);
  await dropSitting(sittingOf(id).key);
  await keep(newId(), 0, 0);
  await allSent();
  // It forgets after it has told that all is sent.
  while (await keptTry(id)) await new Promise((resolve) => setImmediate(resolve));
});
