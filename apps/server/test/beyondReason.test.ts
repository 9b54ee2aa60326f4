import { randomUUID } from 'node:crypto';
import type { ChildPage, PresentAdult, PutTry, RoomOverview, TodayView } from '@dotting/contract';
import { Child } from '../src/nursery/child.entity.js';
import { SummariesService } from '../src/summaries/summaries.service.js';
import { SummaryThread } from '../src/summaries/summaryThread.js';
import { Evidence } from '../src/evidence/evidence.service.js';
import { rowOf, eventRowOf } from '../src/tries/traces.js';
import { Try } from '../src/tries/try.entity.js';
import { TryEvent } from '../src/tries/tryEvent.entity.js';
import { counts, openNursery, putOf, TestDevice, type TestSite } from './nursery.js';

let nursery: Awaited<ReturnType<typeof openNursery>>;
let site: TestSite;
let device: TestDevice;
let adult: PresentAdult;

beforeAll(async () => {
  nursery = await openNursery();
  site = await nursery.addSite('reason');
  device = new TestDevice(nursery.app);
  adult = await device.with(site.staff.lead);
});
afterAll(() => nursery.close());
afterEach(() => jest.restoreAllMocks());

const ended = (facts: Partial<PutTry> = {}): PutTry =>
  putOf(adult, site.childId, { ended: 'finished', events: counts(1, 4), ...facts });
const page = async (): Promise<ChildPage> => (await device.ask('GET', `children/${site.childId}`)).body;
const today = async (): Promise<TodayView> => (await device.ask('GET', `rooms/${site.roomId}/today`)).body;
const room = async (): Promise<RoomOverview> => (await device.ask('GET', `rooms/${site.roomId}`)).body;

/** Stored before the rule was made that would refuse it now. */
async function storeAnyway(put: PutTry): Promise<string> {
  const id = randomUUID() as never;
  await nursery.app.get(Evidence).changing([put.childId], async (manager) => {
    await manager.insert(Try, rowOf(id, put));
    await manager.insert(
      TryEvent,
      put.events.map((event) => eventRowOf(id, event)),
    );
  });
  return id;
}

const four = { size: 4, things: 'cork', arrangement: 'row' } as const;
const bowls = [
  { things: 'cork', n: 100 },
  { things: 'shell', n: 3 },
];

test.each<[string, Partial<PutTry>, RegExp]>([
  ['a clock that stands at its beginning', { startedAt: '1970-01-01T00:03:00.000Z' }, /^startedAt must be/],
  ['the year nought', { startedAt: '0000-05-01T09:00:00.000Z' }, /^startedAt must be/],
  ['ten years to come', { startedAt: '2036-03-02T09:30:00.000+01:00' }, /^startedAt must be/],
  ['a request for none', { target: 0 }, /^is 0. Ask for 1 or more/],
  [
    'a bowl of more than there are',
    { set: { ...four, size: 3, layout: { bowls } } },
    /^asks for more than the 3/,
  ],
  [
    'half a thing given',
    { events: [{ seq: 0, t: 1, kind: 'given', value: 2.5 }] },
    /value must be an integer number/,
  ],
])('a try with %s is refused by its field, and nothing of it is stored', async (_, facts, words) => {
  const id = randomUUID();
  const { status, body } = await device.ask('PUT', `tries/${id}`, ended({ task: 'recipe', ...facts }));
  expect([400, 422]).toContain(status);
  expect(body.fields[0].message).toMatch(words);
  expect(await nursery.dataSource.manager.countBy(Try, { id: id as never })).toBe(0);
});

test('a birth date, a last day and a day of leaving beyond reason are refused in words', async () => {
  const born = await device.ask('PATCH', `children/${site.childId}`, { birthDate: '0001-01-01' });
  expect(born.body.fields[0].message).toBe('This birth date is more than 12 years ago. Check the year.');
  const left = await device.ask('PATCH', `office/children/${site.childId}`, { leftOn: '1926-05-01' });
  expect(left.body.fields[0].message).toBe('This last day is more than ten years away. Check the year.');
  const gone = await device.ask('PATCH', `office/adults/${site.staff.assistant.id}`, {
    leftOn: '2926-05-01',
  });
  expect(gone.body.fields[0].message).toBe(
    'This day of leaving is more than ten years away. Check the year.',
  );
});

test('tries stored before the rule stay on record, are shown as such, and nothing is computed with them', async () => {
  await device.ask('PUT', `tries/${randomUUID()}`, ended({ startedAt: '2026-10-02T09:30:00.000+01:00' }));
  const before = await page();
  const old = await storeAnyway(ended({ startedAt: '1970-01-01T00:03:00.000+00:00' }));
  const toCome = await storeAnyway(ended({ startedAt: '2036-01-01T09:00:00.000+00:00' }));
  const unreadable = await storeAnyway(
    ended({
      task: 'fill-to',
      set: { ...four, size: 3, layout: { bowls } },
      target: 0,
      events: [{ seq: 0, t: 1, kind: 'given', value: 3 }],
    }),
  );
  await storeAnyway(ended({ events: [{ seq: 0, t: 1, kind: 'touch', item: 40 }] }));
  const after = await page();
  expect({ lines: after.lines, steps: after.steps }).toEqual({ lines: before.lines, steps: before.steps });
  expect(after.recent.map((one) => one.id)).toEqual(before.recent.map((one) => one.id));
  const told = new Map(after.tries.map((one) => [one.id as string, one.told]));
  for (const id of [old, toCome])
    expect(told.get(id)).toMatch(/^This try can’t be read: its date can’t be right/);
  expect(told.get(unreadable)).toMatch(/^This try can’t be read: the number asked for can’t be right/);
  const unread = [{ childId: site.childId, firstName: 'Ottilie', tries: 4 }];
  expect(after.leftOut).toEqual({ unread, behind: [] });
  expect((await room()).leftOut).toEqual({ unread, behind: [] });
  const day = await today();
  expect(day.leftOut).toEqual({ unread, behind: [] });
  expect(day.register[0]!.lastLook).toBe('2026-10-02');
  expect((await device.ask('GET', `tries/${unreadable}`)).body.told).toMatch(/^This try can’t be read/);
  expect((await device.text(`children/${site.childId}/tries.csv`)).text).toMatch(/This try can’t be read/);
});

test('a birth date of two thousand years ago is taken as not known', async () => {
  const { manager } = nursery.dataSource;
  const ageless = await page();
  await nursery.app
    .get(Evidence)
    .changing([site.childId], (within) =>
      within.update(Child, { id: site.childId }, { birthDate: '0001-01-01' }),
    );
  expect((await page()).lines).toEqual(ageless.lines);
  await manager.update(Child, { id: site.childId }, { birthDate: null });
});

describe('what is worked out of a child', () => {
  const changed = () => nursery.app.get(Evidence).changing([site.childId], () => Promise.resolve());
  const child = () => nursery.dataSource.manager.findOneByOrFail(Child, { id: site.childId });

  test('is worked out in a thread of its own, once for all who ask at the same time', async () => {
    const thread = nursery.app.get(SummaryThread);
    await changed();
    const known = await child();
    const done = thread.done;
    const summaries = nursery.app.get(SummariesService);
    await Promise.all(Array.from({ length: 6 }, () => summaries.partOf('steps', [known])));
    expect(thread.done).toBe(done + 1);
  });

  test('where it cannot be, the page, the room and today answer without it and say so', async () => {
    await page();
    const { tries } = await page();
    await changed();
    const broken = jest
      .spyOn(nursery.app.get(SummaryThread), 'workOut')
      .mockRejectedValue(new Error('it took too long'));
    for (const view of [await page(), await room(), await today()]) {
      expect(view.leftOut.behind).toEqual(['Ottilie']);
    }
    const shown = await page();
    expect(shown.tries).toEqual(tries);
    expect(shown.lines.length).toBeGreaterThan(0);
    // Not tried again from the same evidence by whoever asks next.
    expect(broken).toHaveBeenCalledTimes(1);
    broken.mockRestore();
    await changed();
    expect((await page()).leftOut.behind).toEqual([]);
  });
});
