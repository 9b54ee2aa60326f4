import type { ChildPage, DoubleView, PresentAdult, ToldTry, TodayView } from '@dotting/contract';
import { randomUUID } from 'node:crypto';
import { counts, type Nursery, openWithAdult, putOf, TestDevice, type TestSite } from './nursery.js';

let nursery: Nursery;
let site: TestSite;
let device: TestDevice;
let adult: PresentAdult;

beforeAll(async () => {
  ({ nursery, site, device, adult } = await openWithAdult('amend'));
});
afterAll(() => nursery.close());

async function counted(facts: Partial<Parameters<typeof putOf>[2] & object> = {}, by = { device, adult }) {
  const id = randomUUID();
  const put = putOf(by.adult, site.childId, { ended: 'finished', events: counts(1, 4), ...facts });
  expect((await by.device.ask('PUT', `tries/${id}`, put)).status).toBe(200);
  return id;
}
const read = async (id: string): Promise<ToldTry> => (await device.ask('GET', `tries/${id}`)).body;

describe('amending a try afterwards', () => {
  test('puts another event in an event’s place, with who and why, and keeps the original', async () => {
    const id = await counted();
    const event = { kind: 'count', word: 'fourty', seq: 99, t: 0 };
    const { status, body } = await device.ask('POST', `tries/${id}/amendments`, {
      of: 3,
      event,
      reason: 'heard it again',
    });
    expect(status).toBe(201);
    expect(body.told).toMatch(/“fourty”/);
    const { events } = await read(id);
    expect(events).toHaveLength(5);
    expect(events[3]).toMatchObject({ kind: 'count', word: 4 });
    expect(events[4]).toMatchObject({
      kind: 'amend',
      of: 3,
      by: adult.id,
      reason: 'heard it again',
      event: { seq: 3, t: events[3]!.t, word: 'fourty' },
    });
  });

  test('takes an event out with a reason; the child’s page tells it so', async () => {
    const id = await counted();
    await device.ask('POST', `tries/${id}/amendments`, { of: 3, event: null, reason: 'that was her friend' });
    expect((await read(id)).told).toMatch(/missed one/);
    const page: ChildPage = (await device.ask('GET', `children/${site.childId}`)).body;
    expect(page.tries.find((one) => one.id === id)!.told).toMatch(/missed one/);
  });

  test('what the recorder’s device sends late is taken, and the correction stays', async () => {
    const id = randomUUID();
    const put = putOf(adult, site.childId, { ended: 'finished', events: counts(1, 3) });
    await device.ask('PUT', `tries/${id}`, put);
    await device.ask('POST', `tries/${id}/amendments`, { of: 1, event: null, reason: 'that was her friend' });
    const late = await device.ask('PUT', `tries/${id}`, { ...put, revision: 1, events: counts(4, 4) });
    expect([late.status, late.body]).toEqual([200, { id, events: 4, revision: 1 }]);
    await device.ask('POST', `tries/${id}/amendments`, { of: 3, event: null, reason: 'and that one too' });
    const { events, told } = await read(id);
    expect(events.map(({ seq, kind }) => `${seq} ${kind}`)).toEqual([
      '0 count',
      '1 count',
      '2 count',
      '3 count',
      '4 undo',
      '5 undo',
    ]);
    expect(events.map((event) => event.t)).toEqual(events.map((event) => event.t).toSorted((a, b) => a - b));
    expect(told).toMatch(/missed 2/);
    // Sent once more it is the same.
    expect(
      (await device.ask('PUT', `tries/${id}`, { ...put, revision: 1, events: counts(1, 4) })).body,
    ).toEqual({
      id,
      events: 4,
      revision: 1,
    });
  });

  test.each([
    ['an event that is not there', { of: 9, event: null, reason: 'x' }, 422],
    ['no reason', { of: 1, event: null, reason: '' }, 400],
    [
      'a thing beyond the set',
      { of: 1, event: { kind: 'count', word: 2, item: 7, seq: 1, t: 0 }, reason: 'x' },
      422,
    ],
    [
      'another correction in its place',
      { of: 1, event: { kind: 'undo', of: 0, seq: 1, t: 0 }, reason: 'x' },
      400,
    ],
  ])('%s is refused, and nothing is kept', async (_, body, status) => {
    const id = await counted();
    expect((await device.ask('POST', `tries/${id}/amendments`, body)).status).toBe(status);
    expect((await read(id)).events).toHaveLength(4);
  });

  test('a try still going on is put right where it is recorded; an assistant and another site may not', async () => {
    const going = await counted({ ended: null });
    const body = { of: 1, event: null, reason: 'x' };
    expect((await device.ask('POST', `tries/${going}/amendments`, body)).status).toBe(409);
    const id = await counted();
    const assistant = new TestDevice(nursery.app);
    await assistant.with(site.staff.assistant);
    expect((await assistant.ask('POST', `tries/${id}/amendments`, body)).status).toBe(403);
    const stranger = new TestDevice(nursery.app);
    await stranger.with((await nursery.addSite('elsewhere')).staff.lead);
    expect((await stranger.ask('POST', `tries/${id}/amendments`, body)).status).toBe(404);
  });
});

describe('overruling a reading', () => {
  test('the last word stands, the first ones are kept, and the estimates use it', async () => {
    const id = await counted({ events: counts(1, 3) });
    const rule = (holds: boolean | null) =>
      device.ask('POST', `tries/${id}/rulings`, { on: 'one-to-one', holds, reason: 'I saw the hand' });
    expect((await rule(true)).body.told).toMatch(/Corrected: one word to each \(I saw the hand\)\.$/);
    expect((await rule(null)).body.told).not.toMatch(/Put right/);
    const { rulings, told } = (await rule(true)).body as ToldTry;
    expect(rulings!.map(({ holds, by }) => [holds, by])).toEqual([
      [true, 'practitioner'],
      [null, 'practitioner'],
      [true, 'practitioner'],
    ]);
    expect(told).toMatch(/^Of 4 corks: missed one/);
  });

  test('a ruling survives a head that is sent again', async () => {
    const id = await counted();
    await device.ask('POST', `tries/${id}/rulings`, { on: 'order', holds: false, reason: 'whispered to' });
    const again = putOf(adult, site.childId, {
      ...(await headOf(id)),
      ended: 'finished',
      revision: 5,
      events: [],
    });
    await device.ask('PUT', `tries/${id}`, again);
    expect((await read(id)).rulings).toHaveLength(1);
  });

  test('wants a reason', async () => {
    const id = await counted();
    const answer = await device.ask('POST', `tries/${id}/rulings`, { on: 'order', holds: true, reason: '' });
    expect(answer.status).toBe(400);
    expect(answer.body.message).toMatch(/Say why/);
  });
});

/** A stored try without what the server adds to it. */
async function headOf(id: string) {
  const added = ['told', 'recorder', 'revision', 'events', 'rulings', 'id'];
  return Object.fromEntries(Object.entries(await read(id)).filter(([field]) => !added.includes(field)));
}

describe('two devices at one child', () => {
  const startedAt = new Date().toISOString();
  const doubles = async (): Promise<DoubleView[]> =>
    ((await device.ask('GET', `rooms/${site.roomId}/today`)).body as TodayView).doubles;

  async function twice() {
    const second = { device: new TestDevice(nursery.app), adult: {} as PresentAdult };
    second.adult = await second.device.with(site.staff.lead);
    const one = await counted({ startedAt });
    const other = await counted({ startedAt }, second);
    return [one, other] as const;
  }

  test('both are kept and asked about; the same one then counts once, whatever comes later', async () => {
    const [one, other] = await twice();
    const open = await doubles();
    expect(open.map((double) => double.tries.map((each) => each.id).sort())).toContainEqual(
      [one, other].sort(),
    );
    expect(
      (await device.ask('POST', `tries/${one}/double`, { other, counts: one, reason: 'it has more in it' }))
        .status,
    ).toBe(204);
    expect(await doubles()).toEqual([]);
    expect((await read(other)).sameAs).toBe(one);
    expect((await read(other)).told).toMatch(/recorded on another device, and that one counts/);
    expect((await read(one)).sameAs).toBeUndefined();
  });

  test('two tries stay two, and nobody is asked again', async () => {
    const [one, other] = await twice();
    for (const double of await doubles()) {
      const [first, second] = double.tries.map((each) => each.id);
      await device.ask('POST', `tries/${first}/double`, { other: second, counts: null });
    }
    expect(await doubles()).toEqual([]);
    expect([(await read(one)).sameAs, (await read(other)).sameAs]).toEqual([undefined, undefined]);
  });

  test('tries of two children, or a third try as the one that counts, are refused', async () => {
    const one = await counted();
    const other = await counted();
    const third = { other, counts: randomUUID() };
    expect((await device.ask('POST', `tries/${one}/double`, third)).status).toBe(422);
    expect(
      (await device.ask('POST', `tries/${one}/double`, { other: randomUUID(), counts: null })).status,
    ).toBe(404);
  });
});
