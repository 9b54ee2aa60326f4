import type { TodayView } from '@dotting/contract';
import { NotHere } from '../src/notHere/notHere.entity.js';
import { Rounds } from '../src/office/rounds.service.js';
import { openWithAdult, type Nursery, type TestDevice, type TestSite } from './nursery.js';

let nursery: Nursery;
let site: TestSite;
let device: TestDevice;

beforeAll(async () => {
  ({ nursery, site, device } = await openWithAdult('towpath'));
});

afterAll(() => nursery.close());

const today = async (): Promise<TodayView> => (await device.ask('GET', `rooms/${site.roomId}/today`)).body;
const address = (child = site.childId): string => `children/${child}/not-here-today`;

describe('a child that is not here today', () => {
  test('is moved on and brought back, each as often as it is pressed, without a mark on the child', async () => {
    const everything = async (): Promise<object> => ({
      ...(await device.ask('GET', `children/${site.childId}/export.json`)).body,
      takenAt: '',
    });
    expect((await today()).due.map((one) => one.childId)).toEqual([site.childId]);
    const before = await everything();
    for (const time of [1, 2])
      expect([time, (await device.ask('PUT', address())).status]).toEqual([time, 204]);
    expect(await today()).toMatchObject({
      due: [],
      notHere: [site.childId],
      register: [{ id: site.childId, isDue: false }],
    });
    expect(await everything()).toEqual({ ...before, notHereToday: true });
    for (const time of [1, 2])
      expect([time, (await device.ask('DELETE', address())).status]).toEqual([time, 204]);
    expect(await today()).toMatchObject({ due: [{ childId: site.childId }], notHere: [] });
    expect(await everything()).toEqual(before);
  });

  test('is due again on the next day, and the round of that day leaves nothing of it', async () => {
    const { manager } = nursery.dataSource;
    await device.ask('PUT', address());
    await manager.update(NotHere, { childId: site.childId }, { day: '2026-03-02' });
    expect(await today()).toMatchObject({ due: [{ childId: site.childId }], notHere: [] });
    await nursery.app.get(Rounds).begin();
    expect(await manager.count(NotHere)).toBe(0);
  });

  test('is nobody’s business elsewhere', async () => {
    const other = await nursery.addSite('weir');
    expect((await device.ask('PUT', address(other.childId))).status).toBe(404);
    expect(await nursery.dataSource.manager.countBy(NotHere, { childId: other.childId })).toBe(0);
  });
});
