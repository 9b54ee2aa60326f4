import { randomUUID } from 'node:crypto';
import type { TrailEntry, TrailView } from '@dotting/contract';
import { leftBy } from '../src/trail/traces.js';
import { trailDays, TrailService } from '../src/trail/trail.service.js';
import { counts, openNursery, putOf, TestDevice, type Nursery, type TestSite } from './nursery.js';

let nursery: Nursery;
let site: TestSite;
let lead: TestDevice;
let sites = 0;

beforeAll(async () => {
  nursery = await openNursery();
});
afterAll(() => nursery.close());
beforeEach(async () => {
  site = await nursery.addSite(`trail-${sites++}`);
  lead = new TestDevice(nursery.app);
  await lead.with(site.staff.lead);
});

const trail = async (query = ''): Promise<readonly TrailEntry[]> =>
  ((await lead.ask('GET', `office/trail${query}`)).body as TrailView).entries;
const told = (entries: readonly TrailEntry[]): readonly string[] =>
  entries.map(({ adult, act, part, about }) => [adult.split(' ')[0], act, part, about].join(' ').trim());

async function practitioner(): Promise<{ device: TestDevice; tryId: string }> {
  const device = new TestDevice(nursery.app);
  const adult = await device.with(site.staff.practitioner);
  const tryId = randomUUID();
  const put = putOf(adult, site.childId, { events: counts(1, 4), ended: 'finished' });
  expect((await device.ask('PUT', `tries/${tryId}`, put)).status).toBe(200);
  return { device, tryId };
}

test('every route is on the trail, or said to leave nothing', async () => {
  const { paths } = (await lead.ask('GET', 'openapi.json')).body as {
    paths: Record<string, Record<string, unknown>>;
  };
  const routes = Object.entries(paths).flatMap(([path, methods]) =>
    Object.keys(methods).map((method) => [method.toUpperCase(), path.replace(/\{(\w+)\}/g, ':$1')] as const),
  );
  expect(routes.length).toBeGreaterThan(50);
  for (const [method, path] of routes) expect(() => leftBy(method, path)).not.toThrow();
  expect(() => leftBy('GET', '/api/children/:id/secrets-of-tomorrow')).toThrow('neither on the trail');
});

test('who looked, changed and took away, of which child; looks of an hour are one line', async () => {
  const { device, tryId } = await practitioner();
  for (let i = 0; i < 3; i++) await device.ask('GET', `children/${site.childId}`);
  await device.ask('PATCH', `children/${site.childId}`, { group: 'Reeds' });
  await device.text(`children/${site.childId}/export.json`);
  await device.ask('GET', `tries/${tryId}`);
  const entries = await trail();
  expect(told(entries)).toEqual([
    'practitioner looked try Ottilie Ferry',
    'practitioner exported record Ottilie Ferry',
    'practitioner changed child Ottilie Ferry',
    'practitioner looked child Ottilie Ferry',
  ]);
  expect(entries.map(({ times }) => times)).toEqual([1, 1, 1, 3]);
  // Nothing of what stands there.
  expect(JSON.stringify(entries)).not.toContain('Reeds');
});

test('what was refused leaves nothing', async () => {
  const { device } = await practitioner();
  expect((await device.ask('GET', 'office')).status).toBe(403);
  expect((await device.ask('GET', `children/${randomUUID()}`)).status).toBe(404);
  expect((await device.ask('PATCH', `children/${site.childId}`, { birthDate: 'never' })).status).toBe(400);
  expect(await trail()).toEqual([]);
});

test('is filtered by adult, by child and by act, and taken away as a file', async () => {
  const { device } = await practitioner();
  await device.ask('GET', `children/${site.childId}`);
  await lead.ask('GET', 'office');
  await lead.text('office/children.csv');
  expect(told(await trail(`?adult=${site.staff.practitioner.id}`))).toEqual([
    'practitioner looked child Ottilie Ferry',
  ]);
  expect(told(await trail('?act=exported'))).toEqual(['lead exported register']);
  expect(await trail(`?child=${randomUUID()}`)).toEqual([]);
  expect((await lead.ask('GET', 'office/trail?act=everything')).status).toBe(400);
  const { text } = await lead.text('office/trail.csv?act=looked');
  expect(text.split('\r\n')[0]).toBe('at,adult,act,part,about,times');
  expect(text).toMatch(/practitioner trail-\d+,looked at,a child’s page,Ottilie Ferry,1/);
  expect(text).not.toContain('downloaded');
});

test('another nursery, and whoever is no lead, sees none of it', async () => {
  const { device } = await practitioner();
  await device.ask('GET', `children/${site.childId}`);
  expect((await device.ask('GET', 'office/trail')).status).toBe(403);
  const other = await nursery.addSite(`trail-${sites++}`);
  const otherLead = new TestDevice(nursery.app);
  await otherLead.with(other.staff.lead);
  const view = (await otherLead.ask('GET', 'office/trail')).body as TrailView;
  expect(view.entries).toEqual([]);
});

test('outlives the child without its name, and ends after two years', async () => {
  await lead.ask('PATCH', `office/children/${site.childId}`, { leftOn: '2026-01-05', sure: true });
  const erased = await lead.ask('POST', `office/children/${site.childId}/erase`, { firstName: 'Ottilie' });
  expect(erased.status).toBeLessThan(300);
  expect(told(await trail('?act=erased'))).toEqual(['lead erased record']);
  await nursery.dataSource.query('UPDATE trail SET at = ? WHERE site_id = ?', [
    new Date(Date.now() - (trailDays + 1) * 86_400_000),
    site.id,
  ]);
  await nursery.app.get(TrailService).forgetOld();
  expect(await trail('?act=erased')).toEqual([]);
});
