import { randomUUID } from 'node:crypto';
import type { PresentAdult, TraceEventBody } from '@dotting/contract';
import { layoutFor, setOf, taskOf } from '@dotting/core';
import { Try } from '../src/tries/try.entity.js';
import { TryEvent } from '../src/tries/tryEvent.entity.js';
import { counts, type Nursery, openWithAdult, putOf, TestDevice, type TestSite } from './nursery.js';

let nursery: Nursery;
let site: TestSite;
let other: TestSite;
let device: TestDevice;
let adult: PresentAdult;

beforeAll(async () => {
  ({ nursery, site, device, adult } = await openWithAdult('towpath'));
  other = await nursery.addSite('weir');
});

afterAll(() => nursery.close());

const storedEvents = (id: string) =>
  nursery.dataSource.manager.find(TryEvent, { where: { tryId: id as never }, order: { seq: 'ASC' } });

async function expectNothingStored(id: string): Promise<void> {
  expect(await nursery.dataSource.manager.countBy(Try, { id: id as never })).toBe(0);
  expect(await storedEvents(id)).toEqual([]);
}

describe('storing a try', () => {
  test('takes events while it is going on, and the end when it comes', async () => {
    const id = randomUUID();
    const put = putOf(adult, site.childId);
    await device.ask('PUT', `tries/${id}`, { ...put, events: counts(1, 2) });
    const end = { ...put, ended: 'finished', revision: 1, events: counts(3, 4) };
    expect((await device.ask('PUT', `tries/${id}`, end)).body).toEqual({ id, events: 4, revision: 1 });
    const { body } = await device.ask('GET', `tries/${id}`);
    expect(body).toMatchObject({ ended: 'finished', recorder: 'practitioner', events: counts(1, 4) });
    expect(body.told).toBe('One word and one touch for each of 4 corks. Words in order to 4.');
  });

  test('sent again, in whole or in part, leaves the same try', async () => {
    const id = randomUUID();
    const put = putOf(adult, site.childId, { events: counts(1, 3) });
    await device.ask('PUT', `tries/${id}`, put);
    await device.ask('PUT', `tries/${id}`, put);
    await device.ask('PUT', `tries/${id}`, { ...put, events: counts(2, 4) });
    expect((await storedEvents(id)).map((event) => event.seq)).toEqual([0, 1, 2, 3]);
  });

  test('sent many times at once leaves one try with each event once', async () => {
    const id = randomUUID();
    const put = putOf(adult, site.childId, { events: counts(1, 4) });
    const answers = await Promise.all(Array.from({ length: 8 }, () => device.ask('PUT', `tries/${id}`, put)));
    expect(answers.map((answer) => answer.status)).toEqual(Array(8).fill(200));
    expect((await storedEvents(id)).map((event) => event.seq)).toEqual([0, 1, 2, 3]);
  });

  test('keeps the cards that lay there, and tells what was taken for what', async () => {
    const id = randomUUID();
    const task = taskOf('name-it');
    const set = setOf(task, 6, 'cork', layoutFor(task, 6, 'cork', 1));
    const events: TraceEventBody[] = [
      { seq: 0, t: 0, kind: 'ask', question: 'name' },
      { seq: 1, t: 900, kind: 'answer', value: 9 },
    ];
    const put = putOf(adult, site.childId, { task: 'name-it', version: 2, target: 6, set, events });
    expect((await device.ask('PUT', `tries/${id}`, { ...put, ended: 'finished' })).status).toBe(200);
    const { body } = await device.ask('GET', `tries/${id}`);
    expect(body.set.layout).toEqual(set.layout);
    expect(body.told).toBe('Shown 6, said 9.');
  });

  test('a head that comes late does not undo a newer one', async () => {
    const id = randomUUID();
    const put = putOf(adult, site.childId);
    await device.ask('PUT', `tries/${id}`, { ...put, help: 'prompted', revision: 2 });
    await device.ask('PUT', `tries/${id}`, { ...put, help: 'none', revision: 1 });
    expect((await device.ask('GET', `tries/${id}`)).body.help).toBe('prompted');
  });

  test('keeps undo and amend beside what they change', async () => {
    const id = randomUUID();
    const events: TraceEventBody[] = [
      ...counts(1, 2),
      {
        seq: 2,
        t: 4000,
        kind: 'amend',
        of: 1,
        event: { seq: 1, t: 3000, kind: 'say', word: 2 },
        by: adult.id,
        at: '2026-03-02T09:31:00+01:00',
      },
      { seq: 3, t: 5000, kind: 'undo', of: 0 },
    ];
    await device.ask('PUT', `tries/${id}`, putOf(adult, site.childId, { events }));
    expect((await device.ask('GET', `tries/${id}`)).body.events).toEqual(events);
  });

  test('goes on being taken from the device while nobody is at it', async () => {
    const away = new TestDevice(nursery.app);
    const recorder = await away.with(site.staff.assistant);
    await away.ask('DELETE', 'adult');
    const answer = await away.ask('PUT', `tries/${randomUUID()}`, putOf(recorder, site.childId));
    expect(answer.status).toBe(200);
  });
});

describe('a try that cannot be is refused with words, and nothing of it is stored', () => {
  const touch = (facts: object) => [{ seq: 0, t: 0, kind: 'touch', ...facts }];
  const cases: [string, object, number, RegExp][] = [
    [
      'an item beyond the set',
      { events: touch({ item: 4 }) },
      422,
      /events\.0\.item: is 4, but a set of 4 has no such thing/,
    ],
    [
      'an item beyond the set in an amended event',
      {
        events: [
          ...counts(1, 1),
          {
            seq: 1,
            t: 2000,
            kind: 'amend',
            of: 0,
            event: { seq: 0, t: 2000, kind: 'touch', item: 9 },
            by: 'x',
            at: '2026-03-02T09:31:00+01:00',
          },
        ],
      },
      422,
      /events\.1\.event\.item/,
    ],
    [
      'time running backwards',
      {
        events: [
          { seq: 0, t: 900, kind: 'touch' },
          { seq: 1, t: 800, kind: 'touch' },
        ],
      },
      422,
      /time cannot run backwards/,
    ],
    [
      'a gap in seq',
      {
        events: [
          { seq: 0, t: 0, kind: 'touch' },
          { seq: 2, t: 1, kind: 'touch' },
        ],
      },
      422,
      /events\.1\.seq: is 2 where 1 is due/,
    ],
    [
      'a beginning that is missing',
      { events: [{ seq: 3, t: 0, kind: 'touch' }] },
      422,
      /steps from 0 on are missing/,
    ],
    [
      'an undo of what has not happened',
      { events: [{ seq: 0, t: 0, kind: 'undo', of: 5 }] },
      422,
      /events\.0\.of/,
    ],
    ['an event of no known kind', { events: [{ seq: 0, t: 0, kind: 'nod' }] }, 400, /events\.0\.kind/],
    [
      'an amendment to an undo',
      {
        events: [
          ...counts(1, 1),
          {
            seq: 1,
            t: 2000,
            kind: 'amend',
            of: 0,
            event: { seq: 0, t: 0, kind: 'undo', of: 0 },
            by: 'x',
            at: '2026-03-02T09:31:00+01:00',
          },
        ],
      },
      400,
      /events\.1\.event/,
    ],
    [
      'a word that is none',
      { events: [{ seq: 0, t: 0, kind: 'say', word: '' }] },
      400,
      /events\.0\.word: word must be a whole number from 0 to 1000 or a word/,
    ],
    ['a fractional time', { events: touch({ t: 0.5 }) }, 400, /events\.0\.t/],
    ['a task that is not on the shelf', { task: 'count-stars' }, 422, /no task is called “count-stars”/],
    [
      'things that are not on the shelf',
      { set: { size: 3, things: 'stars', arrangement: 'row' } },
      422,
      /set\.things/,
    ],
    [
      'cards of no known kind',
      {
        set: {
          size: 0,
          things: 'cork',
          arrangement: 'none',
          layout: { cards: { kind: 'fan', n: 6, cards: [6] } },
        },
      },
      400,
      /set\.layout\.cards\.kind/,
    ],
    [
      'a card below nought',
      {
        set: {
          size: 0,
          things: 'cork',
          arrangement: 'none',
          layout: { cards: { kind: 'name', n: 6, cards: [-6] } },
        },
      },
      400,
      /set\.layout\.cards\.cards/,
    ],
    ['a set of a negative size', { set: { size: -1, things: 'cork', arrangement: 'row' } }, 400, /set\.size/],
    [
      'a beginning without its offset',
      { startedAt: '2026-03-02T09:30:00' },
      400,
      /startedAt must be a date and time with its offset/,
    ],
    ['a child nobody knows', { childId: randomUUID() }, 404, /no such child/],
    ['a field that does not exist', { mood: 'sunny' }, 400, /mood/],
  ];

  test.each(cases)('%s', async (_, facts, status, words) => {
    const id = randomUUID();
    const answer = await device.ask('PUT', `tries/${id}`, { ...putOf(adult, site.childId), ...facts });
    expect(answer.status).toBe(status);
    expect(answer.body.message).toMatch(words);
    await expectNothingStored(id);
  });

  test('another site’s child', async () => {
    const id = randomUUID();
    const answer = await device.ask('PUT', `tries/${id}`, putOf(adult, other.childId));
    expect(answer.status).toBe(404);
    await expectNothingStored(id);
  });

  test('more events than a try can have, as many as a request can carry', async () => {
    const id = randomUUID();
    const events = Array.from({ length: 2_001 }, (_, seq) => ({ seq, t: seq, kind: 'touch' }));
    const answer = await device.ask('PUT', `tries/${id}`, { ...putOf(adult, site.childId), events });
    expect(answer.status).toBe(400);
    expect(answer.body.message).toMatch(/at most 2000 steps/);
    await expectNothingStored(id);
  });

  test('a million events', async () => {
    const id = randomUUID();
    const head = putOf(adult, site.childId);
    const million = `${'{"seq":0,"t":0,"kind":"touch"},'.repeat(999_999)}{"seq":0,"t":0,"kind":"touch"}`;
    const answer = await device.ask(
      'PUT',
      `tries/${id}`,
      JSON.stringify(head).replace('"events":[]', `"events":[${million}]`),
    );
    expect(answer.status).toBe(413);
    expect(answer.body.message).toMatch(/fewer steps at a time/);
    await expectNothingStored(id);
  });

  test('an event that clashes with the one stored, and the rest of its request with it', async () => {
    const id = randomUUID();
    const put = putOf(adult, site.childId, { events: counts(1, 2) });
    await device.ask('PUT', `tries/${id}`, put);
    const clashing = [{ ...counts(2, 2)[0], word: 7 }, ...counts(3, 3)];
    const answer = await device.ask('PUT', `tries/${id}`, { ...put, events: clashing });
    expect(answer.status).toBe(409);
    expect(await storedEvents(id)).toHaveLength(2);
  });

  test('another set under the same id', async () => {
    const id = randomUUID();
    const put = putOf(adult, site.childId);
    await device.ask('PUT', `tries/${id}`, put);
    const answer = await device.ask('PUT', `tries/${id}`, {
      ...put,
      revision: 5,
      set: { ...put.set, size: 9 },
    });
    expect(answer.status).toBe(409);
    expect((await device.ask('GET', `tries/${id}`)).body.set.size).toBe(4);
  });

  test('but what was in view is told afterwards, and of a handful how many there were', async () => {
    const id = randomUUID();
    const set = { size: 0, things: 'cork', arrangement: 'movable', layout: { handful: true } };
    const put = { ...putOf(adult, site.childId), version: 2, target: undefined, set };
    expect((await device.ask('PUT', `tries/${id}`, put)).status).toBe(200);
    const known = { ...put, revision: 5, reason: 'looks-it', set: { ...set, size: 7, cue: 'line' } };
    expect((await device.ask('PUT', `tries/${id}`, known)).status).toBe(200);
    expect((await device.ask('GET', `tries/${id}`)).body).toMatchObject({
      reason: 'looks-it',
      set: { size: 7, cue: 'line', layout: { handful: true } },
    });
  });

  test('somebody else’s try, from her device or from the same one', async () => {
    const id = randomUUID();
    const put = putOf(adult, site.childId, { events: counts(1, 1) });
    await device.ask('PUT', `tries/${id}`, put);
    const hers = new TestDevice(nursery.app);
    const she = await hers.with(site.staff.lead);
    const asHerself = { ...put, recordedBy: she.id, presence: she.presence, events: counts(2, 2) };
    const asMe = { ...put, presence: she.presence, events: counts(2, 2) };
    for (const body of [asHerself, asMe]) {
      const answer = await hers.ask('PUT', `tries/${id}`, body);
      expect(answer.status).toBe(403);
      expect(answer.body.message).toMatch(/somebody else/i);
    }
    expect(await storedEvents(id)).toHaveLength(1);
  });
});
