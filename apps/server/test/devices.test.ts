import { Attempt } from '../src/devices/attempt.entity.js';
import { Device } from '../src/devices/device.entity.js';
import { Staff } from '../src/nursery/staff.entity.js';
import { code, openNursery, password, TestDevice, type TestSite } from './nursery.js';

let nursery: Awaited<ReturnType<typeof openNursery>>;
let site: TestSite;
let other: TestSite;

beforeAll(async () => {
  nursery = await openNursery();
  site = await nursery.addSite('towpath');
  other = await nursery.addSite('weir');
});

afterAll(() => nursery.close());

const newDevice = () => new TestDevice(nursery.app);

/** Lets the time that wrong ones have to wait go by. */
const letWaitingPass = () =>
  nursery.dataSource.manager
    .createQueryBuilder()
    .update(Attempt)
    .set({ blockedUntil: new Date(0) })
    .execute();

describe('signing a device in', () => {
  test('answers with a cookie no script can read and no other site can send', async () => {
    const { status, headers } = await newDevice().signIn(site.staff.lead.email);
    expect(status).toBe(204);
    expect(headers['set-cookie']).toMatch(/HttpOnly/);
    expect(headers['set-cookie']).toMatch(/SameSite=Strict/);
  });

  test('keeps neither the token nor any password or code as it was given', async () => {
    const { headers } = await newDevice().signIn(site.staff.lead.email);
    const token = /dotting_device=([^;]+)/.exec(String(headers['set-cookie']))![1]!;
    const devices = await nursery.dataSource.manager.find(Device);
    const staff = await nursery.dataSource.manager.find(Staff);
    const stored = JSON.stringify({ devices, staff });
    expect(stored).toContain('$argon2id$');
    for (const secret of [token, password, code]) expect(stored).not.toContain(`"${secret}"`);
  });

  test('says the same of a wrong password and of an address nobody has', async () => {
    const wrong = await newDevice().signIn(site.staff.assistant.email, 'not-this-one');
    const unknown = await newDevice().signIn('nobody@towpath.example', 'not-this-one');
    expect(wrong.status).toBe(401);
    expect(unknown.body).toEqual(wrong.body);
  });

  test('names the field that is to blame', async () => {
    const { status, body } = await newDevice().ask('POST', 'device', { email: 'orla', password: '' });
    expect(status).toBe(400);
    expect(body.fields).toEqual([
      { field: 'email', message: 'Enter the email address as name@place.example.' },
      { field: 'password', message: 'Enter the password.' },
    ]);
  });

  test('without it nothing is answered but health', async () => {
    for (const path of ['here', 'devices', `rooms/${site.roomId}/today`, `children/${site.childId}`]) {
      expect((await newDevice().ask('GET', path)).status).toBe(401);
    }
    expect((await newDevice().ask('GET', 'health')).body).toMatchObject({ status: 'well' });
  });
});

describe('an adult at a device', () => {
  test('comes in with a code, and goes', async () => {
    const device = newDevice();
    await device.with(site.staff.practitioner);
    expect((await device.ask('GET', 'here')).body.adult).toMatchObject({ role: 'practitioner' });
    await device.ask('DELETE', 'adult');
    expect((await device.ask('GET', 'here')).body.adult).toBeNull();
    expect((await device.ask('GET', `children/${site.childId}`)).status).toBe(403);
  });

  test('must be of the device’s own site', async () => {
    const device = newDevice();
    await device.signIn(site.staff.lead.email);
    const answer = await device.ask('POST', 'adult', { staffId: other.staff.lead.id, code });
    expect(answer.status).toBe(404);
  });

  test('wrong codes are counted and slowed, and even the right one has to wait', async () => {
    const device = newDevice();
    await device.signIn(site.staff.lead.email);
    const tryCode = async (given: string) =>
      (await device.ask('POST', 'adult', { staffId: site.staff.assistant.id, code: given })).status;
    const statuses = [];
    for (let i = 0; i < 5; i++) statuses.push(await tryCode('0000'));
    expect(statuses).toEqual([401, 401, 401, 401, 429]);
    expect(await tryCode(code)).toBe(429);
    await letWaitingPass();
    expect(await tryCode(code)).toBe(200);
    expect(await tryCode('0000')).toBe(401);
  });

  test('wrong codes sent all at once do not slip past the count', async () => {
    const device = newDevice();
    await device.signIn(site.staff.lead.email);
    const answers = await Promise.all(
      Array.from({ length: 20 }, (_, i) =>
        device.ask('POST', 'adult', {
          staffId: site.staff.practitioner.id,
          code: `90${String(i).padStart(2, '0')}`,
        }),
      ),
    );
    expect(answers.filter((answer) => answer.status === 401)).toHaveLength(4);
    expect(answers.filter((answer) => answer.status === 429)).toHaveLength(16);
    await letWaitingPass();
  });

  test('keeps the side of the slips she chose', async () => {
    const device = newDevice();
    await device.with(site.staff.practitioner);
    await device.ask('PATCH', 'adult', { thumb: 'left', language: 'es' });
    expect((await device.ask('GET', 'here')).body.adult).toMatchObject({ thumb: 'left', language: 'es' });
  });

  test('is answered in the language she reads, also where she is refused', async () => {
    const device = newDevice();
    const { id } = await device.with(site.staff.practitioner);
    device.language = 'es';
    const refused = await device.ask('POST', 'adult', { staffId: id, code: 'abc' });
    expect(refused.body.fields).toEqual([
      { field: 'code', message: expect.stringContaining('de cuatro a ocho cifras') },
    ]);
    const today = await device.ask('GET', `rooms/${site.roomId}/today`);
    expect(today.body.due[0].step.why).toMatch(/^Cuenta una fila: aún sin preguntar\. Prueba /);
  });
});

describe('revoking', () => {
  test('a lead ends any device of her site at once', async () => {
    const lost = newDevice();
    await lost.with(site.staff.practitioner);
    const leads = newDevice();
    await leads.with(site.staff.lead);
    const { body: devices } = await leads.ask('GET', 'devices');
    expect(devices.filter((one: { isThis: boolean }) => one.isThis)).toHaveLength(1);
    const before = (await lost.ask('GET', 'here')).status;
    for (const device of devices.filter((one: { signedInBy: string }) => one.signedInBy === 'practitioner')) {
      expect((await leads.ask('DELETE', `devices/${device.id}`)).status).toBe(204);
    }
    expect([before, (await lost.ask('GET', 'here')).status]).toEqual([200, 401]);
  });

  test('is for the lead alone, and stops at her site', async () => {
    const assistants = newDevice();
    await assistants.with(site.staff.assistant);
    expect((await assistants.ask('GET', 'devices')).status).toBe(403);
    const theirs = newDevice();
    await theirs.with(other.staff.lead);
    const [device] = (await theirs.ask('GET', 'devices')).body;
    const leads = newDevice();
    await leads.with(site.staff.lead);
    expect((await leads.ask('DELETE', `devices/${device.id}`)).status).toBe(404);
    expect((await theirs.ask('GET', 'here')).status).toBe(200);
  });

  test('signing the device out ends it for good', async () => {
    const device = newDevice();
    await device.with(site.staff.lead);
    await device.ask('DELETE', 'device');
    expect((await device.ask('GET', 'here')).status).toBe(401);
  });
});

test('what a device sealed is opened for those of its nursery alone, also after it was signed out', async () => {
  const own = await nursery.addSite('sealed');
  const foreign = await nursery.addSite('sealed-elsewhere');
  const [device, other, stranger] = Array.from({ length: 3 }, () => new TestDevice(nursery.app));
  await device!.with(own.staff.practitioner);
  const { sealing } = (await device!.ask('GET', 'here')).body;
  expect(Buffer.from(sealing.key, 'base64')).toHaveLength(32);
  expect((await device!.ask('GET', 'here')).body.sealing).toEqual(sealing);
  expect((await device!.ask('DELETE', 'device')).status).toBe(204);
  expect((await device!.ask('GET', `devices/${sealing.device}/sealing`)).status).toBe(401);
  await stranger!.signIn(foreign.staff.lead.email);
  expect((await stranger!.ask('GET', `devices/${sealing.device}/sealing`)).status).toBe(404);
  await other!.signIn(own.staff.lead.email);
  expect(await other!.ask('GET', `devices/${sealing.device}/sealing`)).toMatchObject({
    status: 200,
    body: sealing,
  });
});
