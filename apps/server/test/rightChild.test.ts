import { randomUUID } from 'node:crypto';
import {
  blankChild,
  type ChildPage,
  type PresentAdult,
  type TodayView,
  type ToldTry,
} from '@dotting/contract';
import type { ChildId } from '@dotting/core';
import { counts, openWithAdult, putOf, TestDevice, type Nursery, type TestSite } from './nursery.js';

let nursery: Nursery;
let site: TestSite;
let device: TestDevice;
let adult: PresentAdult;
let lead: TestDevice;
/** Of another room, which the practitioner does not see. */
let stranger: ChildId;
let sibling: ChildId;

beforeAll(async () => {
  ({ nursery, site, device, adult } = await openWithAdult('right-child'));
  lead = new TestDevice(nursery.app);
  await lead.with(site.staff.lead);
  const add = async (firstName: string, roomId: string): Promise<ChildId> =>
    (await lead.ask('POST', 'office/children', { ...newChild, firstName, roomId })).body.id;
  const otherRoom = randomUUID();
  await lead.ask('PUT', `office/rooms/${otherRoom}`, { name: 'Upper Pound', retentionMonths: 36 });
  sibling = await add('Una', site.roomId);
  stranger = await add('Rill', otherRoom);
});
afterAll(() => nursery.close());

const newChild = { ...blankChild, lastName: 'Ferry' };

async function recorded(): Promise<{ id: string; put: object }> {
  const id = randomUUID();
  const put = putOf(adult, site.childId, { events: counts(1, 4), ended: 'finished' });
  expect((await device.ask('PUT', `tries/${id}`, put)).status).toBe(200);
  return { id, put };
}

const triesOf = async (child: ChildId): Promise<readonly string[]> =>
  JSON.parse((await lead.text(`children/${child}/export.json`)).text).tries.map(
    (one: { id: string }) => one.id,
  );

describe('a try recorded for the wrong child', () => {
  test('goes to the right one, with who, when and why; the device that sends it again is told nothing new', async () => {
    const { id, put } = await recorded();
    const moved = await device.ask('PUT', `tries/${id}/child`, {
      childId: sibling,
      reason: 'tapped the wrong face',
    });
    expect(moved.status).toBe(200);
    expect((moved.body as ToldTry).childId).toBe(sibling);
    expect((moved.body as ToldTry).moved).toMatchObject([
      { from: 'Ottilie', by: 'practitioner', reason: 'tapped the wrong face' },
    ]);
    expect(await triesOf(site.childId)).not.toContain(id);
    expect(await triesOf(sibling)).toContain(id);
    // It is held about the child it is of now.
    const held = JSON.parse((await lead.text(`children/${sibling}/export.json`)).text);
    expect(held.moves).toMatchObject([
      { tryId: id, fromChild: site.childId, reason: 'tapped the wrong face' },
    ]);
    // Both pages are worked out anew.
    const pages = [sibling, site.childId].map(
      async (child) => (await device.ask('GET', `children/${child}`)).body,
    );
    const [right, wrong] = (await Promise.all(pages)) as ChildPage[];
    expect(right!.tries.map((one) => one.id)).toContain(id);
    expect(wrong!.tries.map((one) => one.id)).not.toContain(id);
    expect((await device.ask('PUT', `tries/${id}`, put)).status).toBe(200);
    expect(await triesOf(sibling)).toContain(id);
  });

  test('never to a child the adult does not see, nor to the same one, nor by an assistant, nor without a reason', async () => {
    const { id } = await recorded();
    const move = (by: TestDevice, childId: string, reason = 'because') =>
      by.ask('PUT', `tries/${id}/child`, { childId, reason }).then(({ status }) => status);
    expect(await move(device, stranger)).toBe(404);
    expect(await move(device, site.childId)).toBe(409);
    expect(await move(device, sibling, ' ')).toBe(400);
    const assistant = new TestDevice(nursery.app);
    await assistant.with(site.staff.assistant);
    expect(await move(assistant, sibling)).toBe(403);
    expect(await triesOf(site.childId)).toContain(id);
    // The lead moves it out of sight: whoever recorded it is not told to whom.
    expect(await move(lead, stranger)).toBe(200);
    expect((await device.ask('GET', `tries/${id}`)).status).toBe(404);
  });

  test('is gone with the child it went to', async () => {
    const { id } = await recorded();
    await device.ask('PUT', `tries/${id}/child`, { childId: sibling, reason: 'tapped the wrong face' });
    await lead.ask('PATCH', `office/children/${sibling}`, { leftOn: '2026-01-05', sure: true });
    const erased = await lead.ask('POST', `office/children/${sibling}/erase`, { firstName: 'Una' });
    expect(erased.body).toMatchObject({ left: 0 });
    expect((await lead.ask('GET', `tries/${id}`)).status).toBe(404);
  });
});

test('a family that objects is obeyed: the child is on no list, and nothing more is taken', async () => {
  const begun = randomUUID();
  const put = putOf(adult, site.childId);
  expect((await device.ask('PUT', `tries/${begun}`, put)).status).toBe(200);
  expect((await device.ask('PATCH', `children/${site.childId}`, { recording: false })).status).toBe(200);

  const today = (await device.ask('GET', `rooms/${site.roomId}/today`)).body as TodayView;
  expect(today.register.find(({ id }) => id === site.childId)).toMatchObject({
    mayRecord: false,
    isDue: false,
  });
  expect(today.due.map(({ childId }) => childId)).not.toContain(site.childId);
  const refused = await device.ask('PUT', `tries/${randomUUID()}`, put);
  expect(refused.status).toBe(403);
  expect(refused.body.message).toMatch(/Ottilie’s family objects/);
  // What was under way is not lost; what is on record stays until somebody erases it.
  expect((await device.ask('PUT', `tries/${begun}`, { ...put, events: counts(1, 2) })).status).toBe(200);

  expect((await device.ask('PATCH', `children/${site.childId}`, { recording: true })).status).toBe(200);
  expect((await device.ask('PUT', `tries/${randomUUID()}`, put)).status).toBe(200);
});
