import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import type { ChildPage, Here, OwnTaskBody, OwnThingsBody, TaskFile } from '@dotting/contract';
import type { OwnTaskId, TraceId } from '@dotting/core';
import { noTexts } from '@dotting/words';
import { english } from '@dotting/words/all';
import { Ajv2020 } from 'ajv/dist/2020.js';
import addFormatsDefault from 'ajv-formats';
import { taskFileSchema } from '../src/openApi/taskFileSchema.js';
import { openNursery, putOf, TestDevice, type Nursery } from './nursery.js';

const root = path.resolve(__dirname, '../../..');
const addFormats = addFormatsDefault as unknown as (ajv: Ajv2020) => Ajv2020;

let nursery: Nursery;
beforeAll(async () => {
  nursery = await openNursery();
});
afterAll(() => nursery.close());

const texts = {
  ...noTexts,
  name: 'Rope rings on the quay',
  say: 'Give me {n} rope rings for the boat.',
  childDoes: 'hands over rope rings for a boat',
};
const task: OwnTaskBody = {
  language: 'en',
  like: 'give-n',
  ladder: [2, 4, 6],
  minutes: 3,
  pile: 12,
  watchFor: [],
  beside: [],
  texts,
};
const rings: OwnThingsBody = {
  one: 'rope ring',
  many: 'rope rings',
  isContainer: false,
  small: false,
  sharp: false,
  mouthable: false,
  food: '',
  across: 45,
  care: '',
};

async function opened(name: string) {
  const site = await nursery.addSite(name);
  const [lead, adult, assistant] = [1, 2, 3].map(() => new TestDevice(nursery.app)) as [
    TestDevice,
    TestDevice,
    TestDevice,
  ];
  await lead.with(site.staff.lead);
  const present = await adult.with(site.staff.practitioner);
  await assistant.with(site.staff.assistant);
  const room = `rooms/${site.roomId}`;
  const here = async () => {
    const { rooms }: Here = (await adult.ask('GET', 'here')).body;
    return rooms[0]!;
  };
  const write = (id: string, body: object, by = adult) => by.ask('PUT', `${room}/tasks/${id}`, body);
  const addThings = (id: string, body: object, by = adult) => by.ask('PUT', `${room}/things/${id}`, body);
  const takeIn = (file: object, by = adult) => by.ask('POST', `${room}/task-files`, file);
  const page = async (): Promise<ChildPage> => (await adult.ask('GET', `children/${site.childId}`)).body;
  return { site, room, lead, adult, assistant, present, here, write, addThings, takeIn, page };
}

const newTask = () => randomUUID() as OwnTaskId;

describe('a task of the room’s own', () => {
  test('is written, changed, retired and taken up again, by those who work there and nobody else', async () => {
    const { here, write, room, adult, assistant, lead } = await opened('Quay');
    const id = newTask();
    expect((await write(id, task)).status).toBe(204);
    expect((await here()).ownTasks).toEqual([{ ...task, id, retired: false }]);
    expect((await write(id, { ...task, ladder: [3] }, lead)).status).toBe(204);
    const retire = (retired: boolean, by: TestDevice) =>
      by.ask('PUT', `${room}/tasks/${id}/retirement`, { retired });
    expect((await retire(true, assistant)).status).toBe(403);
    expect((await retire(true, adult)).status).toBe(204);
    expect((await here()).ownTasks).toEqual([{ ...task, ladder: [3], id, retired: true }]);
    // Changed while it is retired it stays so.
    await write(id, task);
    expect((await here()).ownTasks[0]!.retired).toBe(true);
    expect((await retire(false, adult)).status).toBe(204);
    expect((await here()).ownTasks[0]!.retired).toBe(false);
    expect((await write(newTask(), task, assistant)).status).toBe(403);
    const elsewhere = await opened('Weir');
    expect((await write(newTask(), task, elsewhere.lead)).status).toBe(404);
    // Nor is one taken from another room by its id.
    expect((await elsewhere.write(id, task)).status).toBe(404);
    expect((await adult.ask('PUT', `${room}/tasks/${newTask()}/retirement`, { retired: true })).status).toBe(
      404,
    );
    expect((await here()).ownTasks).toHaveLength(1);
  });

  test.each<[string, object, string, RegExp]>([
    ['no name', { texts: { ...texts, name: ' ' } }, 'texts.name', /can’t do without/],
    ['braces with another word', { texts: { ...texts, say: 'Give {k}' } }, 'texts.say', /\{k\}.*\{n\}/],
    ['a task that is on no shelf', { like: 'count-stars' }, 'like', /no task of this name/],
    ['numbers past the shelf’s', { ladder: [4, 11] }, 'ladder', /1 to 10/],
    ['numbers that fall', { ladder: [4, 2] }, 'ladder', /smallest first/],
    ['no number', { ladder: [] }, 'ladder', /one to 12/],
    ['a pile that gives it away', { pile: 6 }, 'pile', /7 to 40/],
    ['a slip that cannot be seen so', { watchFor: ['cell-mirrored'] }, 'watchFor', /can’t show/],
    ['things nobody knows', { only: 'pebble' }, 'only', /pebble/],
    ['a container nobody knows', { beside: [randomUUID()] }, 'beside', /./],
    ['a field too many', { colour: 'red' }, 'colour', /colour/],
  ])('is refused with %s, by the field, and nothing is stored', async (_, change, field, says) => {
    const { here, write } = await opened(`Refused${randomUUID().slice(0, 8)}`);
    const { status, body } = await write(newTask(), { ...task, ...change });
    expect([400, 422]).toContain(status);
    expect(body.fields[0].field).toBe(field);
    expect(body.fields[0].message).toMatch(says);
    expect((await here()).ownTasks).toEqual([]);
  });

  test('is what a try was of: read as the task it goes like, told by its own name, retired or not', async () => {
    const { site, adult, present, write, addThings, page, room } = await opened('Tried');
    const [id, ringsId] = [newTask(), randomUUID()];
    await addThings(ringsId, rings);
    await write(id, { ...task, only: ringsId });
    const traceId = randomUUID() as TraceId;
    const put = putOf(present, site.childId, {
      task: 'give-n',
      own: id,
      set: { size: 4, things: ringsId, arrangement: 'movable', pile: 12 },
      target: 4,
      ended: 'finished',
      events: [
        { kind: 'ask', question: 'give', seq: 0, t: 0 },
        { kind: 'given', value: 4, seq: 1, t: 4000 },
      ] as never,
    });
    expect((await adult.ask('PUT', `tries/${traceId}`, put)).status).toBe(200);
    await adult.ask('PUT', `${room}/tasks/${id}/retirement`, { retired: true });
    const { tries, metTasks, lines } = await page();
    expect(tries[0]).toMatchObject({ task: texts.name, title: `${texts.name} – 4 rope rings from 12` });
    expect(metTasks).toEqual([id]);
    expect(lines.find(({ skill }) => skill === 'fetch')!.tries).toEqual([traceId]);
    const told = (await adult.ask('GET', `tries/${traceId}`)).body;
    expect(told.own).toBe(id);
    const { text } = await adult.text(`children/${site.childId}/tries.csv`);
    expect(text).toContain(texts.name);
    expect(text).toContain('4 rope rings from 12');
    // Another task than that it goes like, or one that is not there, is no such try.
    const other = { ...put, task: 'count-row', ended: null, events: [] };
    const refused = await adult.ask('PUT', `tries/${randomUUID()}`, other);
    expect([refused.status, refused.body.fields[0].field]).toEqual([422, 'own']);
    const unknown = { ...put, own: newTask(), ended: null, events: [] };
    expect((await adult.ask('PUT', `tries/${randomUUID()}`, unknown)).status).toBe(422);
  });
});

describe('things of the room’s own', () => {
  test('are proposed with the others, not to a child whose cautions speak against them', async () => {
    const { site, adult, addThings, page, here, room, assistant } = await opened('Things');
    const id = randomUUID();
    expect((await addThings(id, rings, assistant)).status).toBe(403);
    expect((await addThings(id, rings)).status).toBe(204);
    expect((await here()).ownThings).toEqual([{ ...rings, id, retired: false }]);
    // A child who mouths is offered nothing small: of what is shipped boats and lids.
    await adult.ask('PATCH', `children/${site.childId}`, { mouths: true });
    const proposed = async () => {
      const { steps, easier } = await page();
      return [...steps, ...(easier ? [easier] : [])];
    };
    const kindsOf = async () => JSON.stringify((await proposed()).map(({ set, things }) => [set, things]));
    expect(await kindsOf()).not.toContain('cork');
    // Renamed it is told by the new name wherever it lies.
    await addThings(id, { ...rings, many: 'rings of rope' });
    for (const { things, title } of await proposed())
      if (things === id && title.includes('from')) expect(title).toContain('rings of rope');
    await adult.ask('PUT', `${room}/things/${id}/retirement`, { retired: true });
    expect(await kindsOf()).not.toContain(id);
  });

  test('a size that is none, or no name, is refused by the field', async () => {
    const { addThings, here } = await opened('NoThings');
    for (const [change, field] of [
      [{ across: 0 }, 'across'],
      [{ one: '' }, 'one'],
      [{ small: 'no' }, 'small'],
      [{ food: 'x'.repeat(101) }, 'food'],
    ] as const) {
      const { status, body } = await addThings(randomUUID(), { ...rings, ...change });
      expect([status, body.fields[0].field]).toEqual([400, field]);
    }
    expect((await here()).ownThings).toEqual([]);
  });
});

describe('a shared file', () => {
  const [ring, tub] = [randomUUID(), randomUUID()];
  const file: TaskFile = {
    format: 'dotting-task',
    version: 1,
    task: { ...task, only: ring, beside: [tub] },
    things: [
      { ...rings, id: ring },
      { ...rings, one: 'tub', many: 'tubs', isContainer: true, id: tub },
    ],
  };

  test('brings the task and the things it speaks of; what the room has already serves for it', async () => {
    const { here, takeIn, addThings } = await opened('Shared');
    const mine = randomUUID();
    await addThings(mine, rings);
    const { status, body } = await takeIn(file);
    expect(status).toBe(201);
    const { ownTasks, ownThings } = await here();
    expect(ownThings.map(({ many }) => many).sort()).toEqual(['rope rings', 'tubs']);
    const tubId = ownThings.find(({ isContainer }) => isContainer)!.id;
    expect(ownTasks).toEqual([{ ...task, only: mine, beside: [tubId], id: body.id, retired: false }]);
    // The same once more is another task, with the same things.
    await takeIn(file);
    expect((await here()).ownTasks).toHaveLength(2);
    expect((await here()).ownThings).toHaveLength(2);
  });

  test('is what the published schema says it is', () => {
    const schema = JSON.parse(readFileSync(path.join(root, 'docs/task-file.schema.json'), 'utf8'));
    expect(schema).toEqual(JSON.parse(JSON.stringify(taskFileSchema())));
    const isValid = addFormats(new Ajv2020({ strict: false })).compile(schema);
    expect([isValid(file), isValid.errors]).toEqual([true, null]);
    for (const broken of [
      { ...file, format: 'recipe' },
      { ...file, version: 2 },
      { ...file, task: { ...file.task, like: 'count-stars' } },
      { ...file, task: { ...file.task, ladder: [] } },
      { ...file, task: { ...file.task, texts: { ...texts, say: 'Give me {k}.' } } },
      { ...file, task: { ...file.task, colour: 'red' } },
      { ...file, things: [{ ...file.things[0], small: 'no' }] },
      { ...file, things: undefined },
    ])
      expect(isValid(JSON.parse(JSON.stringify(broken)))).toBe(false);
  });

  test.each<[string, object, string]>([
    ['of another kind', { ...file, format: 'recipe' }, 'format'],
    ['of a version to come', { ...file, version: 2 }, 'version'],
    ['without a task', { ...file, task: undefined }, 'task'],
    ['with a flaw within', { ...file, task: { ...file.task, ladder: [4, 2] } }, 'task.ladder'],
    [
      'with a flaw in its things',
      { ...file, things: [file.things[0], { ...file.things[1], across: 1 }] },
      'things.1.across',
    ],
    ['that lacks a container', { ...file, things: [file.things[0]] }, 'task.beside.0'],
    ['that lacks the things', { ...file, things: [file.things[1]] }, 'task.only'],
  ])('%s is refused where it is wrong, and nothing is changed', async (_, broken, field) => {
    const { here, takeIn } = await opened(`Broken${randomUUID().slice(0, 8)}`);
    const { status, body } = await takeIn(broken);
    expect([400, 422]).toContain(status);
    expect(body.fields[0].field).toBe(field);
    expect(await here()).toMatchObject({ ownTasks: [], ownThings: [] });
  });
});

test('what is its author’s is left in its author’s words, whatever language is asked for', async () => {
  const { adult, write, here } = await opened('Words');
  adult.language = 'es';
  const id = newTask();
  const { body } = await write(id, { ...task, ladder: [99] });
  expect(body.message).not.toContain(english.invalid.ladder({ from: 1, to: 10 }));
  await write(id, task);
  expect((await here()).ownTasks[0]!.texts.name).toBe(texts.name);
});
