import type { ChildPage, PresentAdult, RoomOverview, TodayView } from '@dotting/contract';
import * as core from '@dotting/core';
import { tellStatement } from '@dotting/words';
import { english } from '@dotting/words/all';
import { randomUUID } from 'node:crypto';
import { TriesService } from '../src/tries/tries.service.js';
import { counts, type Nursery, openWithAdult, putOf, TestDevice, type TestSite } from './nursery.js';

const { claimedTo, saidFor, skillMap, statementFor, surelyTo, tasksFor } = core;

let nursery: Nursery;
let site: TestSite;
let device: TestDevice;
let adult: PresentAdult;

beforeAll(async () => {
  ({ nursery, site, device, adult } = await openWithAdult('claims'));
  for (const things of ['cork', 'shell']) {
    for (const daysAgo of [9, 2]) {
      const startedAt = new Date(Date.now() - 86_400_000 * daysAgo).toISOString();
      for (const n of [4, 5, 6, 6]) await put({ startedAt, things, n });
      await put({ startedAt, things, n: 9, arrangement: 'ring' });
    }
  }
});
afterAll(() => nursery.close());

async function put({ startedAt, things, n, arrangement = 'row' }: Laid): Promise<void> {
  const facts = {
    ended: 'finished' as const,
    startedAt,
    task: arrangement === 'ring' ? 'count-ring' : 'count-row',
    set: { size: n, things, arrangement },
    target: n,
    events: counts(1, n),
  };
  const body = putOf(adult, site.childId, facts);
  expect((await device.ask('PUT', `tries/${randomUUID()}`, body)).status).toBe(200);
}

interface Laid {
  readonly startedAt: string;
  readonly things: string;
  readonly n: number;
  readonly arrangement?: 'row' | 'ring';
}

const ask = async <Body>(path: string): Promise<Body> => (await device.ask('GET', path)).body as Body;

test('page, room and Today claim what one function says, and nothing else', async () => {
  const page = await ask<ChildPage>(`children/${site.childId}`);
  const room = await ask<RoomOverview>(`rooms/${site.roomId}`);
  const { day } = await ask<TodayView>(`rooms/${site.roomId}/today`);
  const traces = await nursery.app.get(TriesService).endedOf([site.childId]);
  const said = saidFor(traces, day, { birthDate: page.child.birthDate });
  expect(said.some((one) => one.certainty === 'sure')).toBe(true);
  expect(said.some((one) => claimedTo(one) > surelyTo(one))).toBe(true);

  for (const skill of skillMap.filter((one) => tasksFor(one).length > 0)) {
    const statement = statementFor(skill, said);
    const line = page.lines.find((one) => one.skill === skill.id)!;
    const dots = (form: string): number => line.dots.filter((dot) => dot.form === form).length;
    expect(line.certainty).toBe(statement?.certainty ?? 'unclear');
    if (statement) expect(line.statement).toBe(tellStatement(english, statement));
    expect(dots('full')).toBe(statement ? surelyTo(statement) : 0);
    expect(dots('full') + dots('bead')).toBe(statement ? claimedTo(statement) : 0);
    if (line.course.length > 0) {
      const last = line.course.at(-1)!;
      const then = statementFor(skill, saidFor(traces, last.day, { birthDate: page.child.birthDate }))!;
      expect([last.sureTo, last.likelyTo]).toEqual([surelyTo(then), claimedTo(then)]);
    }
  }
  for (const glance of room.children.find((one) => one.childId === site.childId)!.glances) {
    const statement = said.find((one) => one.skill === glance.skill);
    expect(glance.sure).toBe(statement ? surelyTo(statement) : 0);
    expect(glance.likely).toBe(statement ? claimedTo(statement) : 0);
    expect(glance.dots.filter((form) => form === 'full').length).toBe(glance.sure);
  }
});

test('no estimate is handed out to a screen: what may be said is all there is', () => {
  for (const estimate of ['threshold', 'tracking', 'knowerLevels', 'statedLevel', 'proportion', 'modelOf'])
    expect(core).not.toHaveProperty(estimate);
});
