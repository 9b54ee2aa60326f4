import type { ChildPage, GroupTimesView, NewGroupTime, OwnTaskBody } from '@dotting/contract';
import type { OwnTaskId } from '@dotting/core';
import { noTexts } from '@dotting/words';
import { randomUUID } from 'node:crypto';
import { GroupTimeChild } from '../src/groupTimes/groupTime.entity.js';
import { openWithAdult, TestDevice, type Nursery, type TestSite } from './nursery.js';

let nursery: Nursery;
let site: TestSite;
let device: TestDevice;

beforeAll(async () => {
  ({ nursery, site, device } = await openWithAdult('towpath'));
});

afterAll(() => nursery.close());

const address = (id = ''): string => `rooms/${site.roomId}/group-times${id === '' ? '' : `/${id}`}`;
const time = (change: Partial<NewGroupTime> = {}): NewGroupTime => ({
  kind: 'shown',
  task: 'count-ring',
  children: [site.childId],
  togetherTo: null,
  note: '',
  ...change,
});
const times = async (): Promise<GroupTimesView['times']> =>
  (await device.ask('GET', address())).body.times as GroupTimesView['times'];
const page = async (): Promise<ChildPage> =>
  (await device.ask('GET', `children/${site.childId}`)).body as ChildPage;

describe('what a room did as a group', () => {
  test('a routine shown is met by everyone there, and is no try of anyone', async () => {
    const id = randomUUID();
    expect((await page()).metTasks).not.toContain('count-ring');
    for (const time_ of [1, 2])
      expect([time_, (await device.ask('PUT', address(id), time())).status]).toEqual([time_, 204]);
    expect(await times()).toMatchObject([{ id, kind: 'shown', children: 1, togetherTo: null, isOwn: true }]);
    const after = await page();
    expect(after.metTasks).toContain('count-ring');
    expect(after.tries).toEqual([]);
    const { body } = await device.ask('GET', `children/${site.childId}/export.json`);
    expect(body.inGroups).toMatchObject([{ kind: 'shown', task: 'count-ring' }]);
  });

  test('taken back with a reason, it is kept and met by nobody; put back, it is as before', async () => {
    const [{ id }] = (await times()) as [GroupTimesView['times'][number]];
    const takeBack = (body: object, by = device) => by.ask('POST', `${address(id)}/taken-back`, body);
    const unsaid = await takeBack({ reason: '' });
    expect([unsaid.status, unsaid.body.fields[0].field]).toEqual([400, 'reason']);
    const other = new TestDevice(nursery.app);
    await other.with(site.staff.lead);
    expect((await takeBack({ reason: 'not mine' }, other)).status).toBe(404);
    expect((await takeBack({ reason: 'the wrong day' })).status).toBe(204);
    expect((await page()).metTasks).not.toContain('count-ring');
    expect(await times()).toMatchObject([{ id, takenBack: { reason: 'the wrong day' } }]);
    const { body } = await device.ask('GET', `children/${site.childId}/export.json`);
    expect(body.inGroups).toEqual([]);
    expect((await device.ask('DELETE', `${address(id)}/taken-back`)).status).toBe(204);
    expect(await times()).toMatchObject([{ id, takenBack: null }]);
    expect((await page()).metTasks).toContain('count-ring');
    await takeBack({ reason: 'for the tests after this' });
  });

  test('a chorus is the group’s, with how far it went together', async () => {
    const id = randomUUID();
    await device.ask(
      'PUT',
      address(id),
      time({ kind: 'chorus', task: 'say-far', togetherTo: 14, note: 'by the lock' }),
    );
    // A time kept after it comes before it.
    const later = randomUUID();
    await device.ask('PUT', address(later), time());
    expect((await times()).slice(0, 2)).toMatchObject([
      { id: later, kind: 'shown' },
      { id, kind: 'chorus', togetherTo: 14, note: 'by the lock' },
    ]);
    const { tries, lines } = await page();
    expect(tries).toEqual([]);
    expect(lines.flatMap((line) => line.dots.filter((dot) => dot.tries.length > 0))).toEqual([]);
  });

  test('a task of the room’s own is kept by its name, and met as itself', async () => {
    const own = randomUUID() as OwnTaskId;
    const task: OwnTaskBody = {
      language: 'en',
      like: 'give-n',
      ladder: [2, 4],
      minutes: 3,
      pile: 12,
      watchFor: [],
      beside: [],
      texts: { ...noTexts, name: 'Rings for the boat', say: 'Bring {n} rings.', childDoes: 'brings rings' },
    };
    const put = await device.ask('PUT', `rooms/${site.roomId}/tasks/${own}`, task);
    expect(put.status).toBe(204);
    const id = randomUUID();
    const unlike = await device.ask('PUT', address(id), time({ own }));
    expect(unlike.status).toBe(422);
    expect((await device.ask('PUT', address(id), time({ own, task: 'give-n' }))).status).toBe(204);
    expect((await times())[0]).toMatchObject({ id, title: 'Rings for the boat' });
    const { metTasks } = await page();
    expect(metTasks).toContain(own);
    expect(metTasks).not.toContain('give-n');
    const { body } = await device.ask('GET', `children/${site.childId}/export.json`);
    expect(body.inGroups).toContainEqual(expect.objectContaining({ task: 'give-n', own }));
  });

  test('what is wrong is said by its field, and nothing of it is kept', async () => {
    const before = await times();
    const tries: readonly [Partial<NewGroupTime> | object, string][] = [
      [{ children: [] }, 'children'],
      [{ task: 'count-clouds' }, 'task'],
      [{ togetherTo: 0 }, 'togetherTo'],
      [{ kind: 'dreamt' }, 'kind'],
    ];
    for (const [change, field] of tries) {
      const { status, body } = await device.ask('PUT', address(randomUUID()), { ...time(), ...change });
      expect([status, body.fields.map((one: { field: string }) => one.field)]).toEqual([400, [field]]);
    }
    const other = await nursery.addSite('weir');
    const { status } = await device.ask('PUT', address(randomUUID()), time({ children: [other.childId] }));
    expect(status).toBe(404);
    expect(await times()).toEqual(before);
    expect(await nursery.dataSource.manager.countBy(GroupTimeChild, { childId: other.childId })).toBe(0);
  });

  test('a room of another house is nobody’s business', async () => {
    const other = await nursery.addSite('basin');
    expect((await device.ask('GET', `rooms/${other.roomId}/group-times`)).status).toBe(404);
    const put = await device.ask('PUT', `rooms/${other.roomId}/group-times/${randomUUID()}`, time());
    expect(put.status).toBe(404);
  });
});
