import { randomUUID } from 'node:crypto';
import type { AsideView, PresentAdult, PutAside, PutTry, ToldTry } from '@dotting/contract';
import { SetAsideRow } from '../src/setAside/setAside.entity.js';
import { SetAsideService } from '../src/setAside/setAside.service.js';
import { counts, openWithAdult, putOf, TestDevice, type Nursery, type TestSite } from './nursery.js';

let nursery: Nursery;
let site: TestSite;
/** Where a practitioner records. */
let device: TestDevice;
let adult: PresentAdult;
let lead: TestDevice;

beforeAll(async () => {
  ({ nursery, site, device, adult } = await openWithAdult('aside'));
  lead = new TestDevice(nursery.app);
  await lead.with(site.staff.lead);
});
afterAll(() => nursery.close());

const asideOf = (body: PutTry, facts: Partial<PutAside> = {}): PutAside => ({
  what: 'try',
  childId: body.childId,
  recordedBy: adult.id,
  at: body.startedAt,
  why: 'startedAt must be a day from 2024 until now.',
  field: 'startedAt',
  body,
  ...facts,
});

/** What the app does: sends, is refused, and has it put aside. */
async function refusedAndPutAside(facts: Partial<PutTry>, about: Partial<PutAside> = {}) {
  const id = randomUUID();
  const put = putOf(adult, facts.childId ?? site.childId, {
    events: counts(1, 4),
    ended: 'finished',
    ...facts,
  });
  const { status, body } = await device.ask('PUT', `tries/${id}`, put);
  expect(status).toBeGreaterThanOrEqual(400);
  expect(status).toBeLessThan(500);
  const field: string = body.fields[0]?.field ?? '';
  const aside = asideOf(put, { why: body.message, field, ...about });
  expect((await device.ask('PUT', `set-aside/${id}`, aside)).status).toBe(204);
  return id;
}

const waiting = async (): Promise<AsideView[]> => (await lead.ask('GET', 'set-aside')).body;
const told = (id: string) => lead.ask('GET', `tries/${id}`);

test('a try of a day beyond reason waits with its words, is computed with nowhere, and is taken on another day', async () => {
  const id = await refusedAndPutAside({ startedAt: '1970-01-01T09:30:00.000+01:00' });
  const [aside] = await waiting();
  expect(aside).toMatchObject({
    id,
    child: 'Ottilie',
    recorder: 'practitioner',
    field: 'startedAt',
    leftOut: null,
  });
  expect(aside!.title).toMatch(/4/);
  expect((await told(id)).status).toBe(404);
  const refused = await lead.ask('POST', `set-aside/${id}/taken`, { childId: site.childId });
  expect(refused).toMatchObject({ status: 400, body: { fields: [{ field: 'startedAt' }] } });
  const taken = await lead.ask('POST', `set-aside/${id}/taken`, { childId: site.childId, day: '2026-03-04' });
  expect(taken.status).toBe(204);
  const now = (await told(id)).body as ToldTry;
  expect(now).toMatchObject({ startedAt: '2026-03-04T09:30:00.000+01:00', recorder: 'practitioner' });
  expect(now.events).toHaveLength(4);
  expect(await waiting()).toEqual([]);
});

test('a try of a child who is in no register goes to another, or is left out, and taken after all', async () => {
  const id = await refusedAndPutAside({ childId: randomUUID() as never });
  expect(await waiting()).toMatchObject([{ id, childId: null, child: '' }]);
  const noReason = await lead.ask('POST', `set-aside/${id}/left-out`, { reason: ' ' });
  expect(noReason).toMatchObject({ status: 400, body: { fields: [{ field: 'reason' }] } });
  expect((await lead.ask('POST', `set-aside/${id}/left-out`, { reason: 'trying out' })).status).toBe(204);
  expect(await waiting()).toMatchObject([{ id, leftOut: { by: 'lead', reason: 'trying out' } }]);
  expect((await lead.ask('POST', `set-aside/${id}/taken`, { childId: site.childId })).status).toBe(204);
  expect((await told(id)).body.childId).toBe(site.childId);
});

test('of a try with a step that cannot be the steps before it are taken', async () => {
  const events = counts(1, 4).map((event) => (event.seq === 2 ? { ...event, t: 10 } : event));
  const id = await refusedAndPutAside({ events });
  expect(await waiting()).toMatchObject([{ id, field: 'events.2.t' }]);
  expect((await lead.ask('POST', `set-aside/${id}/taken`, { childId: site.childId, steps: 2 })).status).toBe(
    204,
  );
  expect((await told(id)).body).toMatchObject({ ended: 'interrupted', events: [{ seq: 0 }, { seq: 1 }] });
});

test('a closing page is put aside and taken in the same way', async () => {
  const id = randomUUID();
  const body = {
    childId: site.childId,
    recordedBy: adult.id,
    presence: adult.presence,
    closedAt: '1970-01-01T09:40:00.000+01:00',
    revision: 0,
    changed: [],
    open: [],
    note: 'liked the shells',
  };
  const { status, body: refusal } = await device.ask('PUT', `sittings/${id}/closing`, body);
  expect(status).toBe(400);
  const aside = asideOf(body as never, {
    what: 'closing',
    at: body.closedAt,
    why: refusal.message,
    field: 'closedAt',
  });
  expect((await device.ask('PUT', `set-aside/${id}`, aside)).status).toBe(204);
  expect(await waiting()).toMatchObject([{ id, what: 'closing', title: '' }]);
  const day = { childId: site.childId, day: '2026-03-05' };
  expect((await lead.ask('POST', `set-aside/${id}/taken`, day)).status).toBe(204);
  const page = (await lead.ask('GET', `children/${site.childId}`)).body;
  expect(JSON.stringify(page.closings)).toContain('liked the shells');
});

test('what is no try at all is shown, and left out', async () => {
  const id = randomUUID();
  const aside = asideOf(putOf(adult, site.childId), {
    at: 'noon',
    body: { set: null, task: 'juggling' } as never,
  });
  expect((await device.ask('PUT', `set-aside/${id}`, aside)).status).toBe(204);
  expect(await waiting()).toMatchObject([{ id, at: 'noon', title: '' }]);
  const taken = await lead.ask('POST', `set-aside/${id}/taken`, { childId: site.childId });
  expect(taken.status).toBe(400);
  expect(await waiting()).toHaveLength(1);
  await lead.ask('POST', `set-aside/${id}/left-out`, { reason: 'nonsense' });
});

test('a family’s objection holds against a lead too', async () => {
  await lead.ask('PATCH', `children/${site.childId}`, { recording: false });
  const id = await refusedAndPutAside({});
  const taken = await lead.ask('POST', `set-aside/${id}/taken`, { childId: site.childId });
  expect(taken).toMatchObject({ status: 403, body: { message: expect.stringMatching(/Ottilie/) } });
  expect((await told(id)).status).toBe(404);
  await lead.ask('PATCH', `children/${site.childId}`, { recording: null });
});

test('another device or site changes nothing of it, and sees nothing', async () => {
  const id = await refusedAndPutAside({ startedAt: '1970-01-01T09:30:00.000+01:00' });
  const other = await nursery.addSite('other');
  const foreign = new TestDevice(nursery.app);
  const foreignLead = await foreign.with(other.staff.lead);
  expect((await foreign.ask('GET', 'set-aside')).body).toEqual([]);
  const theirs = asideOf(putOf(foreignLead, site.childId), { recordedBy: foreignLead.id });
  expect((await foreign.ask('PUT', `set-aside/${id}`, theirs)).status).toBe(403);
  expect((await foreign.ask('POST', `set-aside/${id}/left-out`, { reason: 'no' })).status).toBe(404);
  expect((await foreign.ask('POST', `set-aside/${id}/taken`, { childId: other.childId })).status).toBe(404);
});

test('after 60 days nobody is waited for any more', async () => {
  const { manager } = nursery.dataSource;
  const service = nursery.app.get(SetAsideService);
  const before = await manager.count(SetAsideRow);
  expect(before).toBeGreaterThan(0);
  await service.forgetOld();
  expect(await manager.count(SetAsideRow)).toBe(before);
  await manager.query('UPDATE set_aside SET kept_at = kept_at - INTERVAL 61 DAY');
  await service.forgetOld();
  expect(await manager.count(SetAsideRow)).toBe(0);
});

describe('what was said can be taken back', () => {
  const recorded = async (facts: Partial<PutTry>) => {
    const id = randomUUID();
    const put = putOf(adult, site.childId, { events: counts(1, 4), ended: 'finished', ...facts });
    expect((await device.ask('PUT', `tries/${id}`, put)).status).toBe(200);
    return id;
  };

  test.each([
    ['one', true],
    ['two', false],
  ])('that two tries are %s: who and when are kept, and the question is open again', async (_, isSame) => {
    const [one, other] = [await recorded({}), await recorded({})];
    const answer = isSame ? { counts: one, reason: 'it has more in it' } : { counts: null };
    expect((await device.ask('POST', `tries/${one}/double`, { other, ...answer })).status).toBe(204);
    const { doubles } = (await told(other)).body as ToldTry;
    expect(doubles).toMatchObject([{ other: one, reason: '', by: 'practitioner', ...answer }]);
    expect(Date.now() - Date.parse(doubles[0]!.at!)).toBeLessThan(60_000);
    expect((await lead.ask('DELETE', `tries/${other}/double`)).status).toBe(204);
    for (const id of [one, other]) expect((await told(id)).body).toMatchObject({ doubles: [] });
    expect((await told(other)).body.sameAs).toBeUndefined();
  });

  test('a language that was removed, or its words changed', async () => {
    const list = { tag: 'x-canal', name: 'Canal', rightToLeft: false, words: ['lock', 'pound', 'sluice'] };
    const languages = async () => (await device.ask('GET', 'languages')).body;
    const changes = async () => (await device.ask('GET', 'languages/changes')).body;
    const back = () => device.ask('POST', 'languages/x-canal/back');
    await device.ask('PUT', 'languages/x-canal', list);
    expect(await changes()).toEqual([]);
    expect((await back()).status).toBe(404);
    const changed = { ...list, words: ['pound', 'lock', 'sluice'] };
    const unsaid = await device.ask('PUT', 'languages/x-canal', changed);
    expect([unsaid.status, unsaid.body.fields[0].field]).toEqual([422, 'reason']);
    expect(await languages()).toEqual([list]);
    const why = { reason: 'misheard' };
    expect((await device.ask('PUT', 'languages/x-canal', { ...changed, ...why })).status).toBe(204);
    expect(await changes()).toMatchObject([{ tag: 'x-canal', isRemoved: false, by: 'practitioner', ...why }]);
    expect((await back()).status).toBe(204);
    expect(await languages()).toEqual([list]);
    const remove = (body: object) => device.ask('POST', 'languages/x-canal/removal', body);
    expect((await remove({ reason: ' ' })).status).toBe(400);
    expect((await remove({ reason: 'added by mistake' })).status).toBe(204);
    expect(await languages()).toEqual([]);
    expect(await changes()).toMatchObject([{ isRemoved: true, reason: 'added by mistake' }]);
    expect((await remove({ reason: 'once more' })).status).toBe(404);
    expect((await back()).status).toBe(204);
    expect(await languages()).toEqual([list]);
  });

  test('a try that comes after its device was signed out is marked', async () => {
    const away = new TestDevice(nursery.app);
    const there = await away.with(site.staff.practitioner);
    const put = { ...putOf(there, site.childId, { events: counts(1, 4), ended: 'finished' }) };
    const [{ id: gone }] = await nursery.dataSource.query(
      'SELECT device_id AS id FROM presence WHERE id = ?',
      [there.presence],
    );
    expect((await lead.ask('DELETE', `devices/${gone}`)).status).toBe(204);
    const id = randomUUID();
    expect(
      (await away.ask('PUT', `tries/${id}`, { ...put, startedAt: '2026-03-06T09:00:00.000Z' })).status,
    ).toBe(200);
    expect((await told(id)).body.isLate).toBe(true);
    expect((await told(await recorded({}))).body.isLate).toBe(false);
  });
});
