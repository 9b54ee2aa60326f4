import { randomUUID } from 'node:crypto';
import type { ChildPage, PresentAdult, TodayView } from '@dotting/contract';
import { DataSource } from 'typeorm';
import { dataSourceOptions, openDatabase } from '../src/database/dataSource.js';
import { DemoService } from '../src/demo/demo.service.js';
import { children as demoChildren } from '../src/demo/nursery.js';
import { Child } from '../src/nursery/child.entity.js';
import { Try } from '../src/tries/try.entity.js';
import { TryEvent } from '../src/tries/tryEvent.entity.js';
import { ownDatabase } from './copyDatabase.js';
import { counts, type Nursery, openWithAdult, putOf, TestDevice, type TestSite } from './nursery.js';

let nursery: Nursery;
let site: TestSite;
let other: TestSite;
let device: TestDevice;
let adult: PresentAdult;

beforeAll(async () => {
  ({ nursery, site, device, adult } = await openWithAdult('towpath'));
  other = await nursery.addSite('weir');
});

afterAll(() => nursery.close());

describe('the child’s page and today', () => {
  test('a child nobody has looked at has specks only, a kind first step, and is due', async () => {
    const page: ChildPage = (await device.ask('GET', `children/${site.childId}`)).body;
    expect(page.lines.flatMap((line) => line.dots).every((dot) => dot.form === 'speck')).toBe(true);
    expect(page.steps).toHaveLength(3);
    for (const step of [...page.steps, page.easier!]) expect(step.n).toBeLessThanOrEqual(5);
    expect(page.steps[0]!.why).toMatch(/not asked yet/);
    const today: TodayView = (await device.ask('GET', `rooms/${site.roomId}/today`)).body;
    expect(today.due).toMatchObject([{ childId: site.childId, because: 'never', last: null }]);
  });

  test('a finished try shows at once; one still going on shows as unfinished only', async () => {
    const id = randomUUID();
    const put = putOf(adult, site.childId, { events: counts(1, 4) });
    await device.ask('PUT', `tries/${id}`, put);
    const unfinished: TodayView = (await device.ask('GET', `rooms/${site.roomId}/today`)).body;
    expect(unfinished.unfinished).toMatchObject([{ id, title: '4 corks in a row' }]);
    expect(unfinished.register[0]!.lastLook).toBeNull();

    await device.ask('PUT', `tries/${id}`, { ...put, ended: 'finished', revision: 1 });
    const page: ChildPage = (await device.ask('GET', `children/${site.childId}`)).body;
    const row = page.lines.find((line) => line.skill === 'row')!;
    expect(row.dots.find((dot) => dot.n === 4)).toEqual({ n: 4, form: 'half', tries: [id] });
    const today: TodayView = (await device.ask('GET', `rooms/${site.roomId}/today`)).body;
    expect(today).toMatchObject({ unfinished: [], register: [{ lastLook: '2026-03-02', isDue: true }] });
  });

  test('whole tries of the last twelve weeks go with the page, older ones do not', async () => {
    const weeksAgo = (weeks: number): string =>
      new Date(Date.now() - weeks * 7 * 24 * 3_600_000).toISOString().replace('Z', '+00:00');
    const [recent, old] = [randomUUID(), randomUUID()];
    const ended = (startedAt: string) =>
      putOf(adult, site.childId, { startedAt, ended: 'finished', events: counts(1, 4) });
    await device.ask('PUT', `tries/${recent}`, ended(weeksAgo(2)));
    await device.ask('PUT', `tries/${old}`, ended(weeksAgo(13)));
    const page: ChildPage = (await device.ask('GET', `children/${site.childId}`)).body;
    expect(page.tries.map((one) => one.id)).toEqual(expect.arrayContaining([recent, old]));
    expect(page.recent.map((one) => one.id)).toContain(recent);
    expect(page.recent.map((one) => one.id)).not.toContain(old);
    expect(page.recent.find((one) => (one.id as string) === recent)!.events).toEqual(counts(1, 4));
  });

  test('a request to give so many is stored and told as one', async () => {
    const id = randomUUID();
    const put = putOf(adult, site.childId, {
      task: 'give-n',
      target: 4,
      set: { size: 4, things: 'shell', arrangement: 'movable', pile: 15 },
      ended: 'finished',
      events: [
        { seq: 0, t: 0, kind: 'ask', question: 'give' },
        { seq: 1, t: 900, kind: 'given', value: 6 },
      ],
    });
    await device.ask('PUT', `tries/${id}`, put);
    const { body } = await device.ask('GET', `tries/${id}`);
    expect(body.told).toBe('Asked for 4 shells, gave 6.');
    expect(body.set).toEqual(put.set);
  });

  test('another site’s child, room and try are as if they were not there', async () => {
    const theirs = new TestDevice(nursery.app);
    const them = await theirs.with(other.staff.lead);
    const id = randomUUID();
    await theirs.ask('PUT', `tries/${id}`, putOf(them, other.childId));
    for (const path of [`children/${other.childId}`, `rooms/${other.roomId}/today`, `tries/${id}`]) {
      expect((await device.ask('GET', path)).status).toBe(404);
      expect((await theirs.ask('GET', path)).status).toBe(200);
    }
  });

  test('what is known of a child can be put right, but not by an assistant', async () => {
    const change = { birthDate: '2022-02-28', mouths: false };
    expect((await device.ask('PATCH', `children/${site.childId}`, change)).body).toMatchObject({
      ...change,
      firstName: 'Ottilie',
    });
    const assistants = new TestDevice(nursery.app);
    await assistants.with(site.staff.assistant);
    expect((await assistants.ask('PATCH', `children/${site.childId}`, { mouths: true })).status).toBe(403);
    const page: ChildPage = (await device.ask('GET', `children/${site.childId}`)).body;
    expect(page.child).toMatchObject(change);
    const back = await device.ask('PATCH', `children/${site.childId}`, { birthDate: null });
    expect(back.body.birthDate).toBeNull();
  });

  test.each([
    [{ birthDate: '2022-02-30' }, /birth date/],
    [{ birthDate: '2190-02-03' }, /in the future/],
    [{ firstName: '' }, /first name/],
    [{ mouths: 'sometimes' }, /mouths/],
    [{ siteId: randomUUID() }, /siteId/],
  ])('%j is refused by its field, and nothing changes', async (change, words) => {
    const before = (await device.ask('GET', `children/${site.childId}`)).body.child;
    const answer = await device.ask('PATCH', `children/${site.childId}`, change);
    expect(answer.status).toBe(400);
    expect(answer.body.message).toMatch(words);
    expect((await device.ask('GET', `children/${site.childId}`)).body.child).toEqual(before);
  });
});

describe('the database', () => {
  test('entities and migrations agree, and the migrations can be undone', async () => {
    const { url, drop } = await ownDatabase();
    const dataSource = await openDatabase(url);
    const { upQueries } = await dataSource.driver.createSchemaBuilder().log();
    for (let i = 0; i < dataSource.migrations.length; i++) await dataSource.undoLastMigration();
    const tables = await dataSource.query<object[]>('SHOW TABLES');
    await dataSource.destroy();
    await drop();
    expect(upQueries.map((query) => query.query)).toEqual([]);
    expect(tables).toHaveLength(1);
  });

  test('tables are never made up from the entities', () => {
    expect(dataSourceOptions('mysql://a:b@127.0.0.1/c').synchronize).toBe(false);
  });
});

describe('the demo nursery', () => {
  test('loads into an empty database once, and begins again after a loading that was cut off', async () => {
    const { url, drop } = await ownDatabase();
    const empty = await openNurseryAt(url);
    const demo = empty.get(DemoService);
    const cutOff = demo.loadIfEmpty((done) => {
      if (done === 20) throw new Error('pulled the plug');
    });
    await expect(cutOff).rejects.toThrow('pulled the plug');

    let loaded = 0;
    await demo.loadIfEmpty((done) => (loaded = done));
    const { manager } = empty.get(DataSource);
    expect(await manager.count(Child)).toBe(demoChildren.length);
    expect(await manager.count(Try)).toBe(loaded);
    expect(await manager.count(TryEvent)).toBeGreaterThan(3 * loaded);

    let again = 0;
    await demo.loadIfEmpty((done) => (again = done));
    expect(again).toBe(0);
    await empty.close();
    await drop();
  }, 90_000);
});

async function openNurseryAt(url: string) {
  const { createApp } = await import('../src/app.js');
  const app = await createApp({ databaseUrl: url, logs: false });
  await app.init();
  return app;
}
