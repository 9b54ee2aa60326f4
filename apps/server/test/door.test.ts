import { randomUUID } from 'node:crypto';
import type { AdultSecrets, PresentAdult, PutTry } from '@dotting/contract';
import type { ChildId } from '@dotting/core';
import { Child } from '../src/nursery/child.entity.js';
import { Attempt } from '../src/devices/attempt.entity.js';
import { Device } from '../src/devices/device.entity.js';
import { Presence } from '../src/devices/presence.entity.js';
import { Room } from '../src/nursery/room.entity.js';
import { Staff } from '../src/nursery/staff.entity.js';
import { Try } from '../src/tries/try.entity.js';
import { code, counts, openNursery, putOf, TestDevice, type TestSite } from './nursery.js';

let nursery: Awaited<ReturnType<typeof openNursery>>;
let site: TestSite;
let sites = 0;

beforeAll(async () => {
  nursery = await openNursery();
});
afterAll(() => nursery.close());
beforeEach(async () => {
  site = await nursery.addSite(`door-${sites++}`);
});

const hour = 3_600_000;
const at = async (role: keyof TestSite['staff']) => {
  const device = new TestDevice(nursery.app);
  return { device, adult: await device.with(site.staff[role]) };
};
const register = (device: TestDevice) => device.text('office/children.csv');
const day = (from: number) => new Date(Date.now() + from * 24 * hour).toISOString().slice(0, 10);

/** Lets so much time pass at a device, in ms, in which nothing is heard of it. */
async function letPass(ms: number): Promise<void> {
  for (const device of await nursery.dataSource.manager.findBy(Device, { siteId: site.id })) {
    const lastSeenAt = new Date(device.lastSeenAt.getTime() - ms);
    await nursery.dataSource.manager.update(Device, { id: device.id }, { lastSeenAt });
  }
  for (const stay of await nursery.dataSource.manager.findBy(Presence, { staff: { siteId: site.id } })) {
    const since = new Date(stay.since.getTime() - ms);
    await nursery.dataSource.manager.update(Presence, { id: stay.id }, { since });
  }
}

describe('a stay', () => {
  test.each([
    ['33 minutes', hour / 2 + 3 * 60_000],
    ['three days', 72 * hour],
    ['60 days', 60 * 24 * hour],
  ])('that was idle for %s is over, however often one asks', async (_, ms) => {
    const { device } = await at('lead');
    await letPass(ms);
    for (let i = 0; i < 3; i++) {
      expect((await device.ask('GET', 'here')).body.adult).toBeNull();
      expect((await register(device)).status).toBe(403);
    }
    await device.ask('POST', 'adult', { staffId: site.staff.lead.id, code });
    expect((await register(device)).status).toBe(200);
  });

  test('lasts no longer than a working day, however busy', async () => {
    const { device } = await at('lead');
    for (let i = 0; i < 49; i++) {
      await letPass(hour / 4);
      await device.ask('GET', 'here');
    }
    expect((await device.ask('GET', 'here')).body.adult).toBeNull();
    expect((await register(device)).status).toBe(403);
  });

  test('goes on over a reload, and while it is used', async () => {
    const { device } = await at('lead');
    await letPass(hour / 3);
    expect((await device.ask('GET', 'here')).body.adult).toMatchObject({ role: 'lead' });
    await letPass(hour / 3);
    expect((await register(device)).status).toBe(200);
  });

  test('a page that locks drops what proves it: nothing of a child is answered, heard of or not', async () => {
    const { device, adult } = await at('lead');
    const put = putOf(adult, site.childId, { events: counts(1, 2) });
    device.dropStay();
    expect((await register(device)).status).toBe(403);
    for (const path of [`children/${site.childId}`, `rooms/${site.roomId}/today`, 'office']) {
      const { status, body } = await device.ask('GET', path);
      expect([status, body.needs]).toEqual([403, 'adult']);
    }
    expect((await device.ask('GET', 'here')).body.adult).toBeNull();
    // What was recorded goes on being sent.
    expect((await device.ask('PUT', `tries/${randomUUID()}`, put)).status).toBe(200);
  });

  test('a lock that comes late ends its own stay and no other', async () => {
    const { device, adult: first } = await at('lead');
    const second = (await device.ask('POST', 'adult', { staffId: site.staff.practitioner.id, code })).body;
    expect((await device.ask('DELETE', `adult?presence=${first.presence}`)).status).toBe(204);
    expect((await device.ask('GET', 'here')).body.adult.id).toBe(second.id);
    await device.ask('DELETE', `adult?presence=${second.presence}`);
    expect((await device.ask('GET', 'here')).body.adult).toBeNull();
  });
});

describe('writing asks who sees whom', () => {
  const put = async (
    device: TestDevice,
    adult: PresentAdult,
    childId: ChildId,
    facts: Partial<PutTry> = {},
  ) => {
    const now = new Date().toISOString();
    const body = putOf(adult, childId, { startedAt: now, events: counts(1, 2), ...facts });
    return device.ask('PUT', `tries/${randomUUID()}`, body);
  };
  const close = (device: TestDevice, adult: PresentAdult, childId: ChildId) =>
    device.ask('PUT', `sittings/${randomUUID()}/closing`, {
      childId,
      recordedBy: adult.id,
      presence: adult.presence,
      closedAt: new Date().toISOString(),
      revision: 0,
      changed: [],
      open: [],
      note: '',
    });
  const addChild = async (facts: Partial<Child> = {}): Promise<ChildId> => {
    const { manager } = nursery.dataSource;
    const roomId = randomUUID();
    await manager.insert(Room, { id: roomId, siteId: site.id, name: 'Weir', schools: {} });
    const one = await manager.findOneByOrFail(Child, { id: site.childId });
    const id = randomUUID() as ChildId;
    await manager.insert(Child, { ...one, id, roomId, firstName: 'Juniper', ...facts });
    return id;
  };

  test('a child of another room is out of reach for tries and closings, until she is named for it', async () => {
    const { device, adult } = await at('assistant');
    const other = await addChild();
    const refused = await put(device, adult, other);
    expect([refused.status, refused.body.message]).toEqual([
      403,
      'assistant does not see this child. A lead can name them for the child in the office. Then send it again.',
    ]);
    expect((await close(device, adult, other)).status).toBe(403);
    expect((await put(device, adult, site.childId)).status).toBe(200);
    expect((await close(device, adult, site.childId)).status).toBe(204);
    const lead = await at('lead');
    await lead.device.ask('PATCH', `office/children/${other}`, { seenBy: [adult.id] });
    expect((await put(device, adult, other)).status).toBe(200);
  });

  test('what was begun is gone on with, though the child has changed rooms meanwhile', async () => {
    const { device, adult } = await at('practitioner');
    const id = randomUUID();
    const begun = putOf(adult, site.childId, { events: counts(1, 2) });
    await device.ask('PUT', `tries/${id}`, begun);
    const { manager } = nursery.dataSource;
    const { roomId } = await manager.findOneByOrFail(Child, { id: await addChild() });
    await manager.update(Child, { id: site.childId }, { roomId });
    const end = { ...begun, ended: 'finished', revision: 1, events: counts(3, 4) };
    expect((await device.ask('PUT', `tries/${id}`, end)).body).toMatchObject({ events: 4 });
  });

  test('after a child’s last day nothing is recorded of it; what was recorded before is taken', async () => {
    const { device, adult } = await at('practitioner');
    await nursery.dataSource.manager.update(Child, { id: site.childId }, { leftOn: day(-2) });
    expect((await put(device, adult, site.childId)).body.message).toMatch(/^Ottilie had left by then/);
    const before = await put(device, adult, site.childId, { startedAt: `${day(-3)}T09:00:00.000Z` });
    expect(before.status).toBe(200);
  });

  test('a stay works from its own device only, and not after the adult has left', async () => {
    const { device, adult } = await at('practitioner');
    const elsewhere = await at('lead');
    const words = /^Somebody else recorded this/;
    expect((await put(elsewhere.device, adult, site.childId)).body.message).toMatch(words);
    await nursery.dataSource.manager.update(Staff, { id: adult.id }, { leftOn: day(-24) });
    const { status, body } = await put(device, adult, site.childId);
    expect([status, body.message]).toEqual([
      403,
      'practitioner has left. Nothing is recorded in their name after that.',
    ]);
    const backdated = { startedAt: `${day(-30)}T09:00:00.000Z` };
    expect((await put(device, adult, site.childId, backdated)).status).toBe(403);
  });

  test('tries weeks apart are not one', async () => {
    const { device, adult } = await at('practitioner');
    const [one, other] = [randomUUID(), randomUUID()];
    for (const [id, startedAt] of [
      [one, '2026-10-02T09:00:00.000Z'],
      [other, '2026-11-06T09:00:00.000Z'],
    ] as const) {
      await device.ask('PUT', `tries/${id}`, putOf(adult, site.childId, { startedAt, ended: 'finished' }));
    }
    const { status, body } = await device.ask('POST', `tries/${one}/double`, {
      other,
      counts: one,
      reason: 'it has more in it',
    });
    expect([status, body.message]).toEqual([
      409,
      'These two were not recorded at the same time, so they are two tries.',
    ]);
    const kept = await nursery.dataSource.manager.findOneByOrFail(Try, { id: other as never });
    expect(kept.sameAs).toBeNull();
  });

  test('a language that is counted in names nobody whom one may not see', async () => {
    const { device } = await at('practitioner');
    const words = Array.from({ length: 20 }, (_, i) => `w${i}`);
    const list = { tag: 'x-reed', name: 'Reed', rightToLeft: false, words };
    expect((await device.ask('PUT', 'languages/x-reed', list)).status).toBe(204);
    const { manager } = nursery.dataSource;
    await addChild({ languages: ['x-reed'] });
    const why = { reason: 'nobody counts in it' };
    const refusal = async () =>
      (await device.ask('POST', 'languages/x-reed/removal', why)).body.message as string;
    expect(await refusal()).toBe('1 child counts in it. Choose another language for them first.');
    await manager.update(Child, { id: site.childId }, { languages: ['x-reed'] });
    await addChild({ languages: ['x-reed'], leftOn: day(-40) });
    expect(await refusal()).toBe('Ottilie and 2 more count in it. Choose another language for them first.');
  });
});

describe('passwords and devices', () => {
  test('an address with accents is counted as the account that the database takes it for', async () => {
    await nursery.dataSource.manager.update(
      Staff,
      { id: site.staff.lead.id },
      { email: `orla@${site.id}.example` },
    );
    const statuses = [];
    for (const first of ['orla', 'õrla', 'orlâ', 'órlá', 'ørla', 'õrlá'])
      statuses.push(
        (await new TestDevice(nursery.app).signIn(`${first}@${site.id}.example`, 'wrong')).status,
      );
    expect(statuses).toContain(429);
    const { wrong } = await nursery.dataSource.manager.findOneByOrFail(Attempt, {
      subject: `password:${site.staff.lead.id}`,
    });
    expect(wrong).toBeGreaterThan(3);
  });

  test('new secrets end the stays and the devices that the old ones opened', async () => {
    const { device } = await at('practitioner');
    const shared = new TestDevice(nursery.app);
    await shared.signIn(site.staff.assistant.email);
    await shared.ask('POST', 'adult', { staffId: site.staff.practitioner.id, code });
    const lead = await at('lead');
    const renewed = await lead.device.ask('POST', `office/adults/${site.staff.practitioner.id}/secrets`);
    expect((renewed.body as AdultSecrets).code).toMatch(/^\d{4}$/);
    // Hers is signed out; the one that somebody else signed in stays, without her.
    expect((await device.ask('GET', 'here')).status).toBe(401);
    expect((await shared.ask('GET', 'here')).body.adult).toBeNull();
    expect((await lead.device.ask('GET', 'here')).body.adult).toMatchObject({ role: 'lead' });
  });

  test('a device signed out delivers what was recorded at it before, and nothing else', async () => {
    const { device, adult } = await at('practitioner');
    const startedAt = new Date(Date.now() - hour / 6).toISOString();
    const lead = await at('lead');
    const devices = (await lead.device.ask('GET', 'devices')).body as { id: string; isThis: boolean }[];
    for (const one of devices.filter(({ isThis }) => !isThis))
      expect((await lead.device.ask('DELETE', `devices/${one.id}`)).status).toBe(204);
    const put = putOf(adult, site.childId, { startedAt, events: counts(1, 3) });
    const id = randomUUID();
    expect((await device.ask('PUT', `tries/${id}`, put)).status).toBe(200);
    expect((await device.ask('GET', `tries/${id}`)).status).toBe(401);
    expect((await device.ask('GET', `children/${site.childId}`)).status).toBe(401);
    expect((await device.ask('POST', 'adult', { staffId: adult.id, code })).status).toBe(401);
    const later = { ...put, startedAt: new Date(Date.now() + hour).toISOString() };
    const refused = await device.ask('PUT', `tries/${randomUUID()}`, later);
    expect([refused.status, refused.body.message]).toEqual([
      403,
      'This device was signed out before this was recorded. Sign it in first.',
    ]);
  });
});

describe('what no shape is asked about', () => {
  const nested = (depth: number) => `${'['.repeat(depth)}1${']'.repeat(depth)}`;

  test('answers about children are in no cache', async () => {
    const { device } = await at('lead');
    for (const path of ['here', `children/${site.childId}`, 'office'])
      expect((await device.ask('GET', path)).headers['cache-control']).toBe('no-store');
    expect((await register(device)).headers['cache-control']).toBe('no-store');
  });

  test('answers of some length are compressed for who can read them so', async () => {
    const { device } = await at('lead');
    const response = await nursery.app.inject({
      method: 'GET',
      url: '/api/openapi.json',
      headers: { 'accept-encoding': 'gzip, br' },
    });
    expect(response.headers['content-encoding']).toBe('br');
    expect(response.rawPayload.length).toBeLessThan(20_000);
    expect((await device.ask('GET', 'here')).headers['content-encoding']).toBeUndefined();
  });

  test.each<[string, (of: TestSite) => [string, string, object | string]]>([
    ['nesting without end', () => ['POST', 'device', `{"email":${nested(20_000)},"password":"x"}`]],
    ['nothing for a name', (of) => ['PATCH', `children/${of.childId}`, { firstName: null }]],
    ['nothing for languages', (of) => ['PATCH', `children/${of.childId}`, { languages: null }]],
    ['nothing for a group', (of) => ['PATCH', `office/children/${of.childId}`, { group: null }]],
    ['a name of blanks', (of) => ['PATCH', `children/${of.childId}`, { firstName: '  ' }]],
    ['half a letter', (of) => ['PATCH', `children/${of.childId}`, { firstName: 'Wren\ud83d' }]],
    ['a sign that cannot be seen', (of) => ['PATCH', `children/${of.childId}`, { firstName: 'Wr\u0000en' }]],
    ['letters turned round', (of) => ['PATCH', `children/${of.childId}`, { allergies: 'a\u202Eb' }]],
    [
      'a cell that is no text',
      () => ['POST', 'office/children/import', { dryRun: true, dayOrder: 'day-first', rows: [{ room: 7 }] }],
    ],
    [
      'a row that is none',
      () => ['POST', 'office/children/import', { dryRun: true, dayOrder: 'day-first', rows: [null] }],
    ],
  ])('%s is refused in words that name the field', async (_, request) => {
    const { device } = await at('lead');
    const [method, path, body] = request(site);
    const answer = await device.ask(method as 'POST', path, body);
    expect(answer.status).toBe(400);
    expect(answer.body.fields[0].field).not.toBe('');
    expect(answer.body.message).toMatch(/\w/);
  });

  test('an event that is nothing, a word with half a letter, a count of changes past all bounds', async () => {
    const { device, adult } = await at('practitioner');
    const id = randomUUID();
    const send = async (facts: object) =>
      (await device.ask('PUT', `tries/${id}`, { ...putOf(adult, site.childId), ...facts })).status;
    expect(await send({ events: [null] })).toBe(400);
    expect(await send({ events: [{ seq: 0, t: 1, kind: 'say', word: 'fif\udc00' }] })).toBe(400);
    expect(await send({ revision: 2 ** 31 })).toBe(400);
    expect(await nursery.dataSource.manager.countBy(Try, { id: id as never })).toBe(0);
  });

  test('an id in large letters is the same id', async () => {
    const { device, adult } = await at('lead');
    const large = (text: string) => text.toUpperCase();
    expect((await device.ask('GET', `children/${large(site.childId)}`)).body.child.id).toBe(site.childId);
    const id = randomUUID();
    const put = putOf(adult, site.childId, { events: counts(1, 1) });
    await device.ask('PUT', `tries/${large(id)}`, { ...put, childId: large(site.childId) });
    expect((await device.ask('PUT', `tries/${id}`, put)).body).toEqual({ id, events: 1, revision: 0 });
  });

  test('an address that cannot be decoded is refused as such', async () => {
    const response = await nursery.app.inject({ method: 'GET', url: '/api/languages/%E0%A4%A' });
    expect([response.statusCode, response.json().message]).toEqual([400, 'This address cannot be read.']);
  });
});
