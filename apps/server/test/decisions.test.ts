import type { ChildPage, PresentAdult, RoomMove, RoomOverview } from '@dotting/contract';
import { randomUUID } from 'node:crypto';
import { counts, type Nursery, openWithAdult, putOf, TestDevice, type TestSite } from './nursery.js';

let nursery: Nursery;
let site: TestSite;
let device: TestDevice;
let adult: PresentAdult;

beforeAll(async () => {
  ({ nursery, site, device, adult } = await openWithAdult('decide'));
});
afterAll(() => nursery.close());

const page = async (): Promise<ChildPage> => (await device.ask('GET', `children/${site.childId}`)).body;
const decide = (body: object) => device.ask('POST', `children/${site.childId}/steps`, body);
const count = (facts: object = {}) =>
  device.ask(
    'PUT',
    `tries/${randomUUID()}`,
    putOf(adult, site.childId, {
      ended: 'finished',
      startedAt: new Date().toISOString(),
      events: counts(1, 4),
      ...facts,
    }),
  );

describe('next steps', () => {
  test('a pinned step stays first, one at a time, until it is opened again', async () => {
    const before = (await page()).steps.map((step) => step.skill);
    for (const skill of [before[2], before[1]]) {
      expect((await decide({ skill, decision: 'pinned', reason: '' })).status).toBe(204);
      const { steps, decisions } = await page();
      expect(steps[0]!.skill).toBe(skill);
      expect(decisions).toMatchObject([{ skill, decision: 'pinned', by: 'practitioner' }]);
    }
    await decide({ skill: before[1], decision: 'open', reason: '' });
    expect((await page()).steps.map((step) => step.skill)).toEqual(before);
  });

  test('a step put away says why and by whom, and comes back once there is something new of it', async () => {
    await count();
    const { steps } = await page();
    const row = steps.find((step) => ['row', 'order', 'aside'].includes(step.skill)) ?? steps[0]!;
    expect((await decide({ skill: row.skill, decision: 'dismissed', reason: '' })).status).toBe(409);
    await decide({ skill: row.skill, decision: 'dismissed', reason: 'too soon' });
    const after = await page();
    expect(after.steps.map((step) => step.skill)).not.toContain(row.skill);
    expect(after.decisions).toMatchObject([{ skill: row.skill, reason: 'too soon' }]);
    await decide({ skill: row.skill, decision: 'open', reason: '' });
    expect((await page()).steps.map((step) => step.skill)).toContain(row.skill);
  });

  test('an assistant decides nothing, and a skill must be on the map', async () => {
    expect((await decide({ skill: 'juggling', decision: 'pinned', reason: '' })).status).toBe(400);
    const assistant = new TestDevice(nursery.app);
    await assistant.with(site.staff.assistant);
    const body = { skill: 'row', decision: 'pinned', reason: '' };
    expect((await assistant.ask('POST', `children/${site.childId}/steps`, body)).status).toBe(403);
  });
});

describe('a statement overruled', () => {
  const rule = (words: string | null, reason = 'saw her at home') =>
    device.ask('POST', `children/${site.childId}/statements`, { skill: 'row', words, reason });
  const row = async () => (await page()).lines.find((line) => line.skill === 'row')!;

  test('shows the adult’s words with reason and day, and the estimate goes on beneath', async () => {
    await count();
    const before = await row();
    expect((await rule('counts ten with her brother')).status).toBe(204);
    const { overruled, statement } = await row();
    expect(overruled).toMatchObject({
      words: 'counts ten with her brother',
      reason: 'saw her at home',
      by: 'practitioner',
    });
    expect(statement).toBe(before.statement);
    await rule(null, 'as worked out');
    expect((await row()).overruled).toBeNull();
  });

  test('wants a reason', async () => {
    expect((await rule('counts ten', '')).body.message).toMatch(/Say why/);
  });
});

describe('what is held about a child, to take away', () => {
  test('everything as JSON: the tries with their events, the closings, what adults decided', async () => {
    await count();
    await count({ ended: null });
    const all = (await device.ask('GET', `children/${site.childId}/export.json`)).body;
    expect(all).toMatchObject({ format: 'dotting-child-1', child: { firstName: 'Ottilie' } });
    expect(all.tries.length).toBeGreaterThan(0);
    expect(all.tries[0].events).toEqual(counts(1, 4));
    expect(all.unfinished).toMatchObject([{ ended: null, events: counts(1, 4) }]);
    expect(all.statements.map((one: { words: string | null }) => one.words)).toContain(
      'counts ten with her brother',
    );
  });

  test('the tries as CSV, a line each under a head; nothing of it for an assistant or another site', async () => {
    const { tries } = (await device.ask('GET', `children/${site.childId}/export.json`)).body;
    const answer = await device.text(`children/${site.childId}/tries.csv`);
    expect(answer.headers['content-type']).toMatch(/^text\/csv/);
    const lines = answer.text.split('\r\n');
    expect(lines[0]).toMatch(/^id,day,startedAt,recorder,task,put/);
    expect(lines).toHaveLength(tries.length + 1);
    expect(lines[1]).toContain('4 corks in a row');
    const assistant = new TestDevice(nursery.app);
    await assistant.with(site.staff.assistant);
    expect((await assistant.text(`children/${site.childId}/tries.csv`)).status).toBe(403);
    const stranger = new TestDevice(nursery.app);
    await stranger.with((await nursery.addSite('faraway')).staff.lead);
    expect((await stranger.text(`children/${site.childId}/tries.csv`)).status).toBe(404);
  });
});

test('the room at a glance: each child, who looked, who could sit together', async () => {
  await count();
  const room = (await device.ask('GET', `rooms/${site.roomId}`)).body as RoomOverview;
  expect(room.children).toHaveLength(1);
  expect(room.children[0]).toMatchObject({ firstName: 'Ottilie', adults: ['practitioner'] });
  expect(room.children[0]!.glances.find((glance) => glance.skill === 'row')!.dots).toHaveLength(20);
  expect(room.lookers[0]).toMatchObject({ firstName: 'practitioner', children: 1 });
  expect(room.months.at(-1)).toMatchObject({ day: room.day, looked: 1 });
  // One child sits with nobody.
  expect(room.together).toEqual([]);
  expect((await device.ask('GET', `rooms/${randomUUID()}`)).status).toBe(404);
});

describe('the room’s table of moves', () => {
  const table = async (): Promise<RoomMove[]> => (await device.ask('GET', `rooms/${site.roomId}/moves`)).body;
  const change = (body: object) => device.ask('PUT', `rooms/${site.roomId}/moves`, body);

  test('is filled for every slip, can be changed, and the shipped text recovered', async () => {
    const shipped = await table();
    expect(shipped.length).toBeGreaterThan(15);
    expect(shipped.every((move) => move.move === move.shipped && move.move.length > 10)).toBe(true);
    const [first] = shipped;
    await change({ slip: first!.slip, saw: first!.saw, move: 'one boat at a time through the lock' });
    expect((await table())[0]).toMatchObject({
      move: 'one boat at a time through the lock',
      shipped: first!.shipped,
    });
    await change({ slip: first!.slip, saw: first!.saw, move: first!.shipped });
    expect(await table()).toEqual(shipped);
  });

  test('a move for no known slip, an empty one and another site’s room are refused', async () => {
    expect((await change({ slip: 'sneezed', saw: 'x', move: 'y' })).status).toBe(400);
    expect((await change({ slip: 'missed', saw: 'x', move: '' })).body.message).toMatch(/what to try/);
    expect((await device.ask('GET', `rooms/${randomUUID()}/moves`)).status).toBe(404);
  });
});
