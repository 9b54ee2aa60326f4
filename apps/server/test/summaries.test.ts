import type { ChildPage, PresentAdult, RoomOverview, TodayView } from '@dotting/contract';
import type { SittingId } from '@dotting/core';
import { tellStatement } from '@dotting/words';
import { english } from '@dotting/words/all';
import { randomUUID } from 'node:crypto';
import { setImmediate } from 'node:timers/promises';
import { Child } from '../src/nursery/child.entity.js';
import { ChildSummaryRow } from '../src/summaries/childSummary.entity.js';
import { Refresher } from '../src/summaries/refresher.service.js';
import { SummariesService } from '../src/summaries/summaries.service.js';
import { counts, type Nursery, openWithAdult, putOf, TestDevice, type TestSite } from './nursery.js';

let nursery: Nursery;
let site: TestSite;
let device: TestDevice;
let adult: PresentAdult;
let summaries: SummariesService;

beforeAll(async () => {
  ({ nursery, site, device, adult } = await openWithAdult('kept'));
  summaries = nursery.app.get(SummariesService);
});
afterAll(() => nursery.close());

const kept = () => nursery.dataSource.manager.findOneBy(ChildSummaryRow, { childId: site.childId });
/** The same for all, so that the second sending of a try is of the same try. */
const startedAt = new Date().toISOString();
const sittingId = randomUUID() as SittingId;
const ask = async <Body>(path: string): Promise<Body> => (await device.ask('GET', path)).body as Body;
const room = () => ask<RoomOverview>(`rooms/${site.roomId}`);
const page = () => ask<ChildPage>(`children/${site.childId}`);

async function count(facts: object = {}, id = randomUUID()): Promise<string> {
  const put = putOf(adult, site.childId, {
    ended: 'finished',
    startedAt,
    sittingId,
    events: counts(1, 4),
    ...facts,
  });
  expect((await device.ask('PUT', `tries/${id}`, put)).status).toBe(200);
  return id;
}

/** Everything an adult can change that a summary rests on, one after the other. */
async function changes(): Promise<readonly (readonly [what: string, change: () => Promise<unknown>])[]> {
  const first = await count();
  const second = await count({ sittingId: randomUUID() });
  const say = (method: 'POST' | 'PATCH' | 'PUT', path: string, body: object) => async () => {
    const { status, body: answer } = await device.ask(method, path, body);
    if (status >= 300) throw new Error(`${path} was refused: ${JSON.stringify(answer)}`);
  };
  const child = `children/${site.childId}`;
  const late = randomUUID();
  return [
    ['a try', () => count({ events: counts(1, 5) })],
    ['a try begun, and ended later', () => count({ ended: null, revision: 0 }, late)],
    ['its end', () => count({ ended: 'finished', revision: 1 }, late)],
    ['events that come after the end', () => count({ ended: null, revision: 0, events: counts(1, 5) }, late)],
    [
      'an amendment',
      say('POST', `tries/${first}/amendments`, { of: 3, event: null, reason: 'that was her friend' }),
    ],
    [
      'a ruling',
      say('POST', `tries/${first}/rulings`, { on: 'one-to-one', holds: true, reason: 'I saw it' }),
    ],
    [
      'two tries that are one',
      say('POST', `tries/${first}/double`, { other: second, counts: first, reason: 'fuller' }),
    ],
    ['two that are two', say('POST', `tries/${first}/double`, { other: second, counts: null })],
    ['a pinned step', say('POST', `${child}/steps`, { skill: 'fetch', decision: 'pinned', reason: '' })],
    [
      'a step put away',
      say('POST', `${child}/steps`, { skill: 'aside', decision: 'dismissed', reason: 'no' }),
    ],
    [
      'a statement overruled',
      say('POST', `${child}/statements`, { skill: 'row', words: 'to ten', reason: 'so' }),
    ],
    ['a birth date', say('PATCH', child, { birthDate: '2022-05-04' })],
    ['another language', say('PATCH', child, { languages: ['cy', 'en'] })],
    [
      'a move of the room',
      say('PUT', `rooms/${site.roomId}/moves`, { slip: 'missed', saw: 'left one out', move: 'into the lid' }),
    ],
  ];
}

describe('kept summaries', () => {
  test('after each change of what they rest on they are those made anew from the tries', async () => {
    for (const [what, change] of await changes()) {
      await page();
      await change();
      const shown = { lines: (await page()).lines, room: await room() };
      const rebuilt = await summaries.rebuild(() => {});
      expect([what, rebuilt]).toEqual([what, { same: 1, outdated: 0, differed: [] }]);
      expect([what, { lines: (await page()).lines, room: await room() }]).toEqual([what, shown]);
    }
  });

  test('a summary that does not follow from the tries is found out, and put right', async () => {
    await page();
    const right = (await kept())!;
    const glance = { ...right.glance, lastLook: '2001-01-01' };
    await nursery.dataSource.manager.update(ChildSummaryRow, { childId: site.childId }, { glance });
    expect(await summaries.rebuild(() => {})).toEqual({ same: 0, outdated: 0, differed: [site.childId] });
    expect((await kept())!.glance).toEqual(right.glance);
  });

  test('one of an earlier day, or of an earlier way of working out, is made again when asked for', async () => {
    for (const old of [{ madeFor: '2026-01-01' }, { makeup: 0 }]) {
      await page();
      const lastLook = (await room()).children[0]!.lastLook;
      const glance = { ...(await kept())!.glance, lastLook: '2001-01-01' };
      await nursery.dataSource.manager.update(ChildSummaryRow, { childId: site.childId }, { ...old, glance });
      expect((await room()).children[0]!.lastLook).toBe(lastLook);
    }
  });

  test('what a new way of working out says otherwise is told once, with the day and why', async () => {
    await page();
    expect((await page()).revised).toBeNull();
    const before = (await kept())!;
    const row = before.lines.find((line) => line.skill === 'order')!;
    const lines = before.lines.map((line) =>
      line === row
        ? {
            ...line,
            statement: {
              ...line.statement!,
              certainty: 'sure' as const,
              sureTo: 30,
              likelyTo: 30,
            } as typeof line.statement,
            dots: line.dots.map((dot) => ({ ...dot, form: 'full' as const })),
          }
        : { ...line, obstacles: [] },
    );
    await nursery.dataSource.manager.update(
      ChildSummaryRow,
      { childId: site.childId },
      { lines, makeup: before.makeup - 1 },
    );
    const { revised } = await page();
    expect(revised).toMatchObject({
      day: before.madeFor,
      skills: [
        {
          name: 'Says numbers in order',
          before: 'says numbers in order to 30 – sure',
          after: tellStatement(english, row.statement!),
        },
      ],
    });
    expect(revised!.why).toMatch(/slip/);
    // Kept until somebody has read it, whatever is recorded meanwhile.
    await count();
    expect((await page()).revised).toEqual(revised);
    expect((await device.ask('POST', `children/${site.childId}/revised/read`)).status).toBe(204);
    expect((await page()).revised).toBeNull();
  });

  test('a change that was refused counts for nothing', async () => {
    await page();
    const before = (await kept())!.madeFrom;
    const refused = putOf(adult, site.childId, {
      ended: 'finished',
      events: [{ seq: 3, t: 0, kind: 'touch' }],
    });
    expect((await device.ask('PUT', `tries/${randomUUID()}`, refused)).status).toBeGreaterThanOrEqual(400);
    await page();
    expect((await kept())!.madeFrom).toBe(before);
  });

  test('they are brought up before anyone asks, also while many come at once', async () => {
    const refresher = nursery.app.get(Refresher);
    refresher.listen(20);
    await Promise.all(Array.from({ length: 6 }, () => count()));
    const isFresh = async (): Promise<boolean> => {
      const row = await nursery.dataSource.manager.findOneByOrFail(Child, { id: site.childId });
      return (await kept())!.madeFrom === row.evidence;
    };
    // The test's own time limit ends this where they are never brought up.
    while (!(await isFresh())) await setImmediate();
    await refresher.onModuleDestroy();
    expect(await summaries.rebuild(() => {})).toEqual({ same: 1, outdated: 0, differed: [] });
    const today = await ask<TodayView>(`rooms/${site.roomId}/today`);
    expect(today.register[0]!.lastLook).toBe(today.day);
  });
});
