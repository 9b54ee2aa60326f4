import { randomUUID } from 'node:crypto';
import type { BeginNursery, Here } from '@dotting/contract';
import { giveCode } from '../src/devices/oneTimeCodes.js';
import { Site } from '../src/nursery/site.entity.js';
import { openNursery, putOf, TestDevice, type Nursery } from './nursery.js';

const ours: BeginNursery = {
  site: 'Sluice Cottage',
  rooms: ['Reed Room', 'Towpath Room'],
  firstName: 'Wilma',
  lastName: 'Oar',
  email: 'wilma@sluice.example',
  password: 'seven corks in a jar',
  code: '7294',
  language: 'en',
  removesDemo: false,
};
const { email, password, code } = ours;

let nursery: Nursery;

beforeEach(async () => {
  nursery = await openNursery();
});

afterEach(() => nursery.close());

/** A device at which the first nursery has been set up, and its lead has come in. */
async function begun(): Promise<TestDevice> {
  const device = new TestDevice(nursery.app);
  expect((await device.ask('POST', 'begin', ours)).status).toBe(204);
  await comeIn(device, code);
  return device;
}

async function comeIn(device: TestDevice, withCode: string): Promise<number> {
  const { adults } = (await device.ask('GET', 'here')).body as Here;
  return (await device.ask('POST', 'adult', { staffId: adults[0]!.id, code: withCode })).status;
}

const codeFor = async (what: 'nursery' | 'password', staffId?: string): Promise<string> =>
  (
    await giveCode(
      nursery.dataSource.manager,
      what,
      staffId === undefined ? {} : { staffId: staffId as never },
    )
  ).code;

describe('a nursery of one’s own', () => {
  test('the first is set up by whoever is at the server’s machine, and the device is signed in there', async () => {
    const device = new TestDevice(nursery.app);
    expect((await device.ask('GET', 'begin')).body).toEqual({ hasDemo: false, isFirst: true });
    expect((await device.ask('POST', 'begin', ours)).status).toBe(204);
    const here = (await device.ask('GET', 'here')).body as Here;
    expect(here).toMatchObject({ site: 'Sluice Cottage', isDemo: false, adult: null });
    expect(here.rooms.map(({ name }) => name).sort()).toEqual(['Reed Room', 'Towpath Room']);
    expect(here.adults).toMatchObject([{ firstName: 'Wilma', role: 'lead' }]);
    expect(await comeIn(device, code)).toBe(200);
    expect((await device.ask('GET', 'office')).status).toBe(200);
  });

  test('from another machine it wants a code from the server, and so does every further one', async () => {
    const fromAfar = (path: 'GET' | 'POST', payload?: object) =>
      nursery.app.inject({
        method: path,
        url: '/api/begin',
        headers: { 'x-forwarded-for': '10.1.2.3' },
        ...(payload && { payload }),
      });
    expect((await fromAfar('GET')).json()).toMatchObject({ isFirst: false });
    expect((await fromAfar('POST', ours)).statusCode).toBe(401);
    expect(await nursery.dataSource.manager.count(Site)).toBe(0);
    expect((await fromAfar('POST', { ...ours, oneTimeCode: await codeFor('nursery') })).statusCode).toBe(204);

    const device = new TestDevice(nursery.app);
    const another = { ...ours, site: 'Weir House' };
    await device.ask('POST', 'device', { email, password });
    expect((await device.ask('POST', 'begin', another)).status).toBe(401);
    // The device is where it was.
    expect((await device.ask('GET', 'here')).body.site).toBe('Sluice Cottage');
    const oneTimeCode = await codeFor('nursery');
    expect((await device.ask('POST', 'begin', { ...another, oneTimeCode })).status).toBe(204);
    // Used once, it is none.
    expect((await device.ask('POST', 'begin', { ...another, oneTimeCode })).status).toBe(401);
    expect(await nursery.dataSource.manager.count(Site)).toBe(2);
  });

  test('of two that are set up at once only one is the first', async () => {
    const asked = [1, 2, 3].map(() => new TestDevice(nursery.app).ask('POST', 'begin', ours));
    const statuses = (await Promise.all(asked)).map(({ status }) => status).sort();
    expect(statuses[0]).toBe(204);
    expect(statuses.slice(1).every((status) => status === 401 || status === 429)).toBe(true);
    expect(await nursery.dataSource.manager.count(Site)).toBe(1);
  });

  test.each([
    ['site', { site: '  ' }, /name/],
    ['rooms', { rooms: [] }, /name/],
    ['rooms', { rooms: ['Reed', 'reed '] }, /once/],
    ['email', { email: 'wilma' }, /email/],
    ['password', { password: 'corks' }, /12/],
    ['code', { code: '1234' }, /guess/],
    ['code', { code: '7777' }, /guess/],
    ['code', { code: '9876' }, /guess/],
  ])('%s: what will not do is refused, and nothing is stored', async (field, change, words) => {
    const answer = await new TestDevice(nursery.app).ask('POST', 'begin', { ...ours, ...change });
    expect(answer.status).toBe(400);
    expect(answer.body.fields.map((one: { field: string }) => one.field)).toContain(field);
    expect(answer.body.message).toMatch(words);
    expect(await nursery.dataSource.manager.count(Site)).toBe(0);
  });

  test('a person of two nurseries chooses which a device is for', async () => {
    await begun();
    const oneTimeCode = await codeFor('nursery');
    const second = { ...ours, site: 'Weir House', oneTimeCode };
    expect((await new TestDevice(nursery.app).ask('POST', 'begin', second)).status).toBe(204);

    const device = new TestDevice(nursery.app);
    const asked = await device.ask('POST', 'device', { email, password });
    expect(asked.status).toBe(409);
    const sites = asked.body.sites as { id: string; name: string }[];
    expect(sites.map(({ name }) => name).sort()).toEqual(['Sluice Cottage', 'Weir House']);
    const siteId = sites.find(({ name }) => name === 'Weir House')!.id;
    expect((await device.ask('POST', 'device', { email, password, siteId })).status).toBe(204);
    expect((await device.ask('GET', 'here')).body.site).toBe('Weir House');
    // Of the nurseries nobody is told who does not have the password.
    const guessed = await device.ask('POST', 'device', { email, password: 'a guess of twelve' });
    expect(guessed.body).not.toHaveProperty('sites');
  });
});

describe('the demo nursery', () => {
  /** A nursery with a try, marked as the demo. */
  async function demo(): Promise<TestDevice> {
    const site = await nursery.addSite('demo');
    await nursery.dataSource.manager.update(Site, { id: site.id }, { isDemo: true });
    const device = new TestDevice(nursery.app);
    const adult = await device.with(site.staff.lead);
    const put = await device.ask('PUT', `tries/${randomUUID()}`, putOf(adult, site.childId));
    expect(put.status).toBe(200);
    return device;
  }

  const rowsOf = async (): Promise<Record<string, number>> => {
    const { manager } = nursery.dataSource;
    const tables: { name: string }[] = await manager.query(
      'SELECT table_name AS name FROM information_schema.tables WHERE table_schema = DATABASE()',
    );
    const counted = await Promise.all(
      tables.map(async ({ name }) => {
        const [row]: [{ n: string }] = await manager.query(`SELECT COUNT(*) AS n FROM \`${name}\``);
        return [name, Number(row.n)] as const;
      }),
    );
    return Object.fromEntries(
      counted.filter(([name, n]) => n > 0 && !['attempt', 'migrations'].includes(name)),
    );
  };

  test('is removed with all that was tried in it, and the nursery set up instead is whole', async () => {
    await demo();
    const device = new TestDevice(nursery.app);
    expect((await device.ask('GET', 'begin')).body).toEqual({ hasDemo: true, isFirst: true });
    expect((await device.ask('POST', 'begin', { ...ours, removesDemo: true })).status).toBe(204);
    expect(await rowsOf()).toEqual({ site: 1, room: 2, staff: 1, staff_room: 2, device: 1 });
  });

  test('is kept beside it, and removed later by the lead of another; never from inside', async () => {
    const inDemo = await demo();
    const device = await begun();
    expect((await inDemo.ask('DELETE', 'demo')).status).toBe(409);
    expect((await inDemo.ask('GET', 'here')).body).toMatchObject({ isDemo: true });
    expect((await device.ask('DELETE', 'demo')).status).toBe(204);
    expect((await device.ask('GET', 'begin')).body).toMatchObject({ hasDemo: false });
    expect((await inDemo.ask('GET', 'here')).status).toBe(401);
    expect((await device.ask('GET', 'office')).status).toBe(200);
  });
});

describe('codes and passwords', () => {
  test('a new device is signed in by the code that a lead shows, once', async () => {
    const lead = await begun();
    const pairing = await lead.ask('POST', 'devices/pairing');
    expect(pairing.body.code).toMatch(/^[A-Z2-9]{4}-[A-Z2-9]{4}$/);
    const typed = pairing.body.code.toLowerCase().replace('-', ' ');
    const device = new TestDevice(nursery.app);
    expect((await device.ask('POST', 'device/paired', { code: typed })).status).toBe(204);
    expect((await device.ask('GET', 'here')).body.site).toBe('Sluice Cottage');
    expect((await new TestDevice(nursery.app).ask('POST', 'device/paired', { code: typed })).status).toBe(
      401,
    );
    // A code for another purpose lets nobody in.
    const other = { code: await codeFor('nursery') };
    expect((await new TestDevice(nursery.app).ask('POST', 'device/paired', other)).status).toBe(401);
  });

  test('guessing codes is slowed', async () => {
    const statuses: number[] = [];
    for (let i = 0; i < 5; i++)
      statuses.push(
        (await new TestDevice(nursery.app).ask('POST', 'device/paired', { code: 'AAAA-AAAA' })).status,
      );
    expect(statuses).toEqual([401, 401, 401, 401, 429]);
  });

  test('a code is over after its time', async () => {
    await begun();
    const oneTimeCode = await codeFor('nursery');
    await nursery.dataSource.query('UPDATE one_time_code SET until = ?', [new Date(Date.now() - 1000)]);
    const late = await new TestDevice(nursery.app).ask('POST', 'begin', { ...ours, oneTimeCode });
    expect(late.status).toBe(401);
  });

  test('a forgotten password is replaced by a code from the server; the old one and its devices end', async () => {
    const device = await begun();
    const staffId = ((await device.ask('GET', 'here')).body as Here).adults[0]!.id;
    const given = await codeFor('password', staffId);
    const next = 'nine shells and a boat';
    const fresh = new TestDevice(nursery.app);
    expect((await fresh.ask('POST', 'begin/password', { code: given, password: 'short' })).status).toBe(400);
    expect((await fresh.ask('POST', 'begin/password', { code: given, password: next })).status).toBe(204);
    expect((await fresh.ask('POST', 'begin/password', { code: given, password: next })).status).toBe(401);
    expect((await fresh.ask('POST', 'device', { email, password })).status).toBe(401);
    expect((await fresh.ask('POST', 'device', { email, password: next })).status).toBe(204);
    expect((await device.ask('GET', 'here')).status).toBe(401);
  });

  test('an adult changes her own code and password by the ones she has', async () => {
    const device = await begun();
    const elsewhere = new TestDevice(nursery.app);
    await elsewhere.ask('POST', 'device', { email, password });
    expect((await device.ask('PUT', 'adult/code', { now: '0001', next: '4826' })).status).toBe(401);
    expect((await device.ask('PUT', 'adult/code', { now: code, next: '4826' })).status).toBe(204);
    expect(await comeIn(device, code)).toBe(401);
    expect(await comeIn(device, '4826')).toBe(200);

    const next = 'acorn cups all in a row';
    expect((await device.ask('PUT', 'adult/password', { now: 'not that one', next })).status).toBe(401);
    expect((await device.ask('PUT', 'adult/password', { now: password, next })).status).toBe(204);
    // Here she stays; what she signed in elsewhere is signed out.
    expect((await device.ask('GET', 'office')).status).toBe(200);
    expect((await elsewhere.ask('GET', 'here')).status).toBe(401);
    expect((await elsewhere.ask('POST', 'device', { email, password: next })).status).toBe(204);
  });
});
