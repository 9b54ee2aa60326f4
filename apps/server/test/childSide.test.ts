import type { SideView } from '@dotting/contract';
import { openNursery, TestDevice, type TestSite } from './nursery.js';

let nursery: Awaited<ReturnType<typeof openNursery>>;
let site: TestSite;
let adult: TestDevice;
let sites = 0;

beforeAll(async () => {
  nursery = await openNursery();
});
afterAll(() => nursery.close());
beforeEach(async () => {
  site = await nursery.addSite(`side-${sites++}`);
  adult = new TestDevice(nursery.app);
  await adult.with(site.staff.practitioner);
  await nursery.dataSource.query('DELETE FROM attempt');
});

const pattern = { form: 'loose', n: 4, seed: 17 };
const openSide = async (): Promise<SideView> => (await adult.ask('POST', 'child-side')).body;
const join = async (word: string) => {
  const device = new TestDevice(nursery.app);
  return { device, ...(await device.ask('POST', 'child-side/join', { word })) };
};
const heard = async (id: string, after: number) =>
  (await adult.ask('GET', `child-side/${id}?after=${after}`)).body;

test('a word lets one device in, once; what is told it is shown, and for how long is heard', async () => {
  const { id, word } = await openSide();
  const { device, status } = await join(` ${word.toUpperCase()} `);
  expect(status).toBe(204);
  expect(await heard(id, 0)).toEqual({ at: 1, isThere: true, shown: null });
  expect((await join(word)).status).toBe(401);

  const told = device.ask('GET', 'child-side/told?after=0');
  expect((await adult.ask('PUT', `child-side/${id}`, { id: 1, patterns: [pattern], ms: 700 })).status).toBe(
    204,
  );
  expect((await told).body).toEqual({ show: { id: 1, patterns: [pattern], ms: 700 } });
  expect((await device.ask('PUT', 'child-side/shown', { id: 1, ms: 717 })).status).toBe(204);
  expect(await heard(id, 2)).toMatchObject({ isThere: true, shown: { id: 1, ms: 717 } });
});

test('what waits is answered at once when the sit-down ends, and then nothing is told', async () => {
  const { id, word } = await openSide();
  const { device } = await join(word);
  const told = device.ask('GET', 'child-side/told?after=0');
  await adult.ask('DELETE', `child-side/${id}`);
  expect((await told).status).toBe(404);
  expect((await device.ask('PUT', 'child-side/shown', { id: 1, ms: 717 })).status).toBe(404);
  expect((await adult.ask('GET', `child-side/${id}?after=0`)).status).toBe(404);
});

test('a new word ends the one before; another adult’s device has no part in it', async () => {
  const first = await openSide();
  const second = await openSide();
  expect((await adult.ask('GET', `child-side/${first.id}?after=-1`)).status).toBe(404);
  const other = new TestDevice(nursery.app);
  await other.with(site.staff.lead);
  expect((await other.ask('PUT', `child-side/${second.id}`, { id: 1, patterns: [], ms: null })).status).toBe(
    404,
  );
  await other.ask('DELETE', `child-side/${second.id}`);
  expect((await adult.ask('GET', `child-side/${second.id}?after=-1`)).status).toBe(200);
});

test('few attempts: after some wrong words nobody is let in for a while, and it is said how long', async () => {
  const { word } = await openSide();
  for (let i = 0; i < 4; i++) expect((await join('windlass')).status).toBe(401);
  const { status, body } = await join(word);
  expect(status).toBe(429);
  expect(body.message).toMatch(/Wait \d seconds/);
});

test('without an adult there is no word; a screen that was never paired is told nothing', async () => {
  const nobody = new TestDevice(nursery.app);
  expect((await nobody.ask('POST', 'child-side')).status).toBe(401);
  expect((await nobody.ask('GET', 'child-side/told?after=0')).status).toBe(404);
  const { id } = await openSide();
  const wrong = await adult.ask('PUT', `child-side/${id}`, {
    id: 1,
    patterns: [{ ...pattern, form: 'name' }],
    ms: 700,
  });
  expect(wrong.status).toBe(400);
  expect(wrong.body.fields[0].field).toBe('patterns.0.form');
});
