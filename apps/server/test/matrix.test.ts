import { randomUUID } from 'node:crypto';
import { childColumnNames, roles, type Role } from '@dotting/contract';
import type { ChildId } from '@dotting/core';
import { apiDocument } from '../src/openApi/document.js';
import { expectedTable } from './expectedTable.js';
import { counts, openNursery, putOf, TestDevice, type Nursery, type TestSite } from './nursery.js';

/** Who comes to a route: nobody, a device at which nobody is, and an adult of each role. */
const callers = ['nobody', 'device', ...roles] as const;
type Caller = (typeof callers)[number];

let nursery: Nursery;
let own: TestSite;
let foreign: TestSite;
/** A child of the own site who left long ago. */
let left: ChildId;
const devices = new Map<Caller, TestDevice>();
/** A try of the child that is named by its key. */
const tries = new Map<'own' | 'foreign' | 'left', string>();

beforeAll(async () => {
  nursery = await openNursery();
  own = await nursery.addSite('own');
  foreign = await nursery.addSite('foreign');
  for (const caller of callers) devices.set(caller, await deviceOf(caller));
  const lead = devices.get('lead')!;
  const known = (await lead.ask('GET', 'office')).body.children[0] as Record<string, unknown>;
  const child = Object.fromEntries([...childColumnNames, 'roomId'].map((name) => [name, known[name]]));
  left = (await lead.ask('POST', 'office/children', { ...child, firstName: 'Sedge' })).body.id;
  const otherLead = new TestDevice(nursery.app);
  const foreignAdult = await otherLead.with(foreign.staff.lead);
  const adult = (await lead.ask('GET', 'here')).body.adult;
  for (const [key, device, by, child] of [
    ['own', lead, adult, own.childId],
    ['left', lead, adult, left],
    ['foreign', otherLead, foreignAdult, foreign.childId],
  ] as const) {
    const id = randomUUID();
    const put = putOf(by, child, { events: counts(1, 4), ended: 'finished' });
    expect((await device.ask('PUT', `tries/${id}`, put)).status).toBe(200);
    tries.set(key, id);
  }
  const lastDay = await lead.ask('PATCH', `office/children/${left}`, { leftOn: '2026-01-05', sure: true });
  expect(lastDay.status).toBe(204);
});
afterAll(() => nursery.close());

async function deviceOf(caller: Caller): Promise<TestDevice> {
  const device = new TestDevice(nursery.app);
  if (caller === 'nobody') return device;
  if (caller === 'device') await device.signIn(own.staff.lead.email);
  else await device.with(own.staff[caller as Role]);
  return device;
}

const routes = (): readonly (readonly [method: string, path: string])[] =>
  Object.entries(apiDocument(nursery.app).paths).flatMap(([path, item]) =>
    Object.keys(item as object).map((method) => [method.toUpperCase(), path] as const),
  );

/** Let in, or turned away at the door: what is wrong with a request comes after. */
const isLetIn = (status: number): boolean => status !== 401 && status !== 403;

const ask = (caller: Caller, method: string, path: string) => {
  const device = devices.get(caller)!;
  const address = path.replace(/^\/api\//, '');
  // Some answer with a file.
  return method === 'GET' ? device.text(address) : device.ask(method as 'POST', address, {});
};

test('every route lets in whom the table says, and nobody else', async () => {
  const found: Record<string, string> = {};
  for (const [method, path] of routes()) {
    // What signs a device out, or ends a stay, is tried for itself.
    if (/^DELETE \/api\/(device|adult|demo)$/.test(`${method} ${path}`)) continue;
    const nowhere = path.replace(/\{tag\}/, 'xx').replace(/\{\w+\}/g, randomUUID());
    const letIn: string[] = [];
    for (const caller of callers)
      if (isLetIn((await ask(caller, method, nowhere)).status)) letIn.push(caller);
    found[`${method} ${path}`] = letIn.join(' ');
  }
  expect(found).toEqual(expectedTable);
}, 120_000);

/** Addresses of a child, or of a try of one. */
const ofChild = (path: string, child: string, tryId: string): string =>
  path.replace(/(children\/)\{\w+\}/, `$1${child}`).replace(/(tries\/)\{\w+\}/, `$1${tryId}`);

test('whatever is asked of a child is answered for a child one sees, and for no other', async () => {
  const reads = routes().filter(([method, path]) => method === 'GET' && /(children|tries)\/\{/.test(path));
  expect(reads.length).toBeGreaterThanOrEqual(5);
  for (const [method, path] of reads) {
    for (const caller of roles) {
      const status = async (child: string, key: 'own' | 'foreign' | 'left') =>
        (await devices.get(caller)!.text(ofChild(path, child, tries.get(key)!).replace('/api/', ''))).status;
      const where = `${method} ${path} ${caller}`;
      const mine = await status(own.childId, 'own');
      // A photo there is none; a file an assistant may not take away.
      expect([where, mine === 200 || mine === 403 || path.endsWith('photo')]).toEqual([where, true]);
      const refused = mine === 403 ? 403 : 404;
      expect([where, await status(foreign.childId, 'foreign')]).toEqual([where, refused]);
      const gone = await status(left, 'left');
      expect([where, gone]).toEqual([where, caller === 'lead' ? mine : refused]);
    }
  }
});

test('nothing of another nursery’s is changed, whatever is sent', async () => {
  const { manager } = nursery.dataSource;
  const all = async (): Promise<string> => {
    const rows = await Promise.all([
      manager.query('SELECT * FROM child WHERE site_id = ?', [foreign.id]),
      manager.query('SELECT * FROM room WHERE site_id = ?', [foreign.id]),
      manager.query('SELECT * FROM staff WHERE site_id = ?', [foreign.id]),
      manager.query('SELECT * FROM `try` WHERE id = ?', [tries.get('foreign')]),
      manager.query('SELECT * FROM device WHERE site_id = ?', [foreign.id]),
    ]);
    return JSON.stringify(rows);
  };
  const before = await all();
  const lead = devices.get('lead')!;
  for (const [method, path] of routes()) {
    if (method === 'GET' || !path.includes('{')) continue;
    const at = ofChild(path, foreign.childId, tries.get('foreign')!)
      .replace(/(rooms\/)\{\w+\}/, `$1${foreign.roomId}`)
      .replace(/(adults\/)\{\w+\}/, `$1${foreign.staff.lead.id}`)
      .replace(/\{tag\}/, 'xx')
      .replace(/\{\w+\}/g, randomUUID());
    for (const body of bodies()) {
      const { status } = await lead.ask(method as 'POST', at.replace('/api/', ''), body);
      expect([method, path, status < 500]).toEqual([method, path, true]);
    }
  }
  expect(await all()).toBe(before);
}, 120_000);

/** What fits some route or other. */
const bodies = (): readonly object[] => [
  {},
  { firstName: 'Ottilie', reason: 'because', childId: own.childId, leftOn: null, role: 'lead', rooms: [] },
  { firstName: 'Ottilie' },
  { leftOn: '2026-01-05', sure: true },
  { role: 'assistant' },
  { group: 'Reeds' },
  { childId: own.childId, reason: 'because' },
  { name: 'Ours now', retentionMonths: 1 },
  { on: 'order', holds: true, reason: 'because' },
  { of: 3, event: null, reason: 'because' },
];
