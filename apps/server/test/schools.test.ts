import type { ChildPage, Here, TodayView } from '@dotting/contract';
import { schoolChoices, schoolNames, usualSchools } from '@dotting/core';
import { openNursery, TestDevice, type Nursery } from './nursery.js';

let nursery: Nursery;
beforeAll(async () => {
  nursery = await openNursery();
});
afterAll(() => nursery.close());

async function opened(name: string) {
  const site = await nursery.addSite(name);
  const [lead, other] = [new TestDevice(nursery.app), new TestDevice(nursery.app)];
  await lead.with(site.staff.lead);
  await other.with(site.staff.practitioner);
  const change = (body: object, by = lead) => by.ask('PUT', `rooms/${site.roomId}/schools`, body);
  const here = async (): Promise<Here> => (await other.ask('GET', 'here')).body;
  const today = async (): Promise<TodayView> => (await other.ask('GET', `rooms/${site.roomId}/today`)).body;
  const page = async (): Promise<ChildPage> => (await other.ask('GET', `children/${site.childId}`)).body;
  return { site, lead, other, change, here, today, page };
}

test('a room begins with what is usual; a lead changes a line, and everyone is told which and by whom', async () => {
  const { change, here, today } = await opened('Ways');
  expect((await here()).rooms[0]!.schools).toEqual(usualSchools);
  expect((await today()).schoolChanges).toEqual([]);
  expect((await change({ frames: 'pairs', forms: { 7: 'crossed' } })).status).toBe(204);
  const { schools } = (await here()).rooms[0]!;
  expect(schools).toEqual({
    ...usualSchools,
    frames: 'pairs',
    forms: { ...usualSchools.forms, 7: 'crossed' },
  });
  const told = (await today()).schoolChanges;
  expect(told.map(({ by }) => by)).toEqual(['lead', 'lead']);
  expect(new Set(told.map(({ what }) => what))).toEqual(
    new Set(['Filling a frame: two by two', 'How numerals are formed: 7 crossed']),
  );
  // The last of a line is what is told; the same once more is no change.
  await change({ frames: 'rows' });
  await change({ frames: 'rows' });
  expect((await today()).schoolChanges.map(({ what }) => what)).toContain('Filling a frame: line by line');
  expect((await today()).schoolChanges).toHaveLength(2);
});

test('nobody but a lead changes them, nobody elsewhere, and nothing that is no choice', async () => {
  const { change, other, here } = await opened('Leads');
  expect((await change({ frames: 'pairs' }, other)).status).toBe(403);
  const elsewhere = await opened('Elsewhere');
  expect((await change({ frames: 'pairs' }, elsewhere.lead)).status).toBe(404);
  for (const wrong of [
    { frames: 'heaps' },
    { number: 21 },
    { forms: { 7: 'wavy' } },
    { language: '' },
    { colours: 'red' },
  ])
    expect((await change(wrong)).status).toBe(400);
  expect((await here()).rooms[0]!.schools).toEqual(usualSchools);
});

test('every line can be changed to each of its choices, and back', async () => {
  const { change, here } = await opened('Every');
  for (const school of schoolNames)
    for (const choice of [...schoolChoices[school]].toReversed()) {
      expect((await change({ [school]: choice })).status).toBe(204);
      expect((await here()).rooms[0]!.schools[school]).toBe(choice);
    }
});

test('a child’s own ways go before the room’s', async () => {
  const { change, other, page, site } = await opened('Own');
  await change({ hands: 'rides', braille: 'maths', forms: { 4: 'closed', 1: 'flag' } });
  expect((await page()).schools).toMatchObject({
    hands: 'rides',
    braille: 'maths',
    forms: { 4: 'closed', 1: 'flag' },
  });
  const own = { handHelp: 'guides', touch: 'literary', ownForms: ['4-open'] };
  expect((await other.ask('PATCH', `children/${site.childId}`, own)).status).toBe(200);
  expect((await page()).schools).toMatchObject({
    hands: 'guides',
    braille: 'literary',
    forms: { 4: 'open', 1: 'flag' },
  });
});

test('what is proposed is laid in the room’s way at once', async () => {
  const { change, page } = await opened('Laid');
  const before = await page();
  await change({ frames: 'pairs', extras: 'outside', zero: 'from-nought' });
  const after = await page();
  expect(before.schools.frames).toBe('rows');
  expect(after.schools).toMatchObject({ frames: 'pairs', extras: 'outside', zero: 'from-nought' });
});
