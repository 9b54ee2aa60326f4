import type { ChildPage, Here, PresentAdult } from '@dotting/contract';
import { randomUUID } from 'node:crypto';
import { type Nursery, openWithAdult, putOf, TestDevice, type TestSite } from './nursery.js';

let nursery: Nursery;
let site: TestSite;
let device: TestDevice;
let adult: PresentAdult;

beforeAll(async () => {
  ({ nursery, site, device, adult } = await openWithAdult('close'));
});
afterAll(() => nursery.close());

const closing = (facts: object = {}) => ({
  childId: site.childId,
  recordedBy: adult.id,
  presence: adult.presence,
  closedAt: '2026-03-02T09:40:00.000+01:00',
  revision: 0,
  changed: [{ told: 'Ottilie counts 5 in a row.', words: 'Ottilie keeps track of five.' }],
  open: ['On another day.'],
  note: 'a cold',
  ...facts,
});
const closings = async () =>
  ((await device.ask('GET', `children/${site.childId}`)).body as ChildPage).closings;

describe('the closing page of a sitting', () => {
  test('is stored with what was told and what the adult made of it, and sent again changes nothing', async () => {
    const id = randomUUID();
    expect((await device.ask('PUT', `sittings/${id}/closing`, closing())).status).toBe(204);
    expect((await device.ask('PUT', `sittings/${id}/closing`, closing({ note: 'another' }))).status).toBe(
      204,
    );
    expect(await closings()).toEqual([
      {
        id,
        recorder: 'practitioner',
        closedAt: '2026-03-02T09:40:00.000+01:00',
        changed: closing().changed,
        open: ['On another day.'],
        note: 'a cold',
      },
    ]);
  });

  test('goes on being taken while nobody is at the device, but not in another’s name', async () => {
    await device.ask('DELETE', 'adult');
    const id = randomUUID();
    expect((await device.ask('PUT', `sittings/${id}/closing`, closing())).status).toBe(204);
    const others = closing({ recordedBy: site.staff.lead.id });
    expect((await device.ask('PUT', `sittings/${randomUUID()}/closing`, others)).status).toBe(403);
    adult = await device.with(site.staff.practitioner);
  });

  test.each([
    ['an empty line', { changed: [{ told: 'x', words: '' }] }, 400],
    ['a moment without an offset', { closedAt: '2026-03-02T09:40:00' }, 400],
    ['a child nobody knows', { childId: randomUUID() }, 404],
  ])('%s is refused', async (_, facts, status) => {
    expect((await device.ask('PUT', `sittings/${randomUUID()}/closing`, closing(facts))).status).toBe(status);
  });
});

describe('languages that a site adds', () => {
  const list = { tag: 'x-lock', name: 'lock words', rightToLeft: false, words: ['yan', 'tan', 'tether'] };
  const put = (body: object, tag = 'x-lock') => device.ask('PUT', `languages/${tag}`, body);
  const known = async (): Promise<Here['languages']> =>
    ((await device.ask('GET', 'here')).body as Here).languages;

  test('go with where the device stands, so that they are there without a network', async () => {
    expect((await put(list)).status).toBe(204);
    expect(await known()).toEqual([list]);
    const more = { ...list, words: [...list.words, 'mether'], reason: 'the next one heard' };
    expect((await put(more)).status).toBe(204);
    expect((await known())[0]!.words).toHaveLength(4);
  });

  test.each<[string, object, string, number]>([
    ['a list too short to count with', { ...list, words: ['yan'] }, 'x-lock', 400],
    ['a word twice', { ...list, words: ['yan', 'yan', 'tan'] }, 'x-lock', 400],
    ['a tag that is none', { ...list, tag: 'no tag' }, 'no%20tag', 400],
    ['a language that is shipped', { ...list, tag: 'cy' }, 'cy', 409],
  ])('%s is refused', async (_, body, tag, status) => {
    expect((await put(body, tag)).status).toBe(status);
  });

  test('are not taken away from under a child who counts in them', async () => {
    await put(list);
    await device.ask('PATCH', `children/${site.childId}`, { languages: ['x-lock', 'en'], needs: ['vision'] });
    const remove = () => device.ask('POST', 'languages/x-lock/removal', { reason: 'nobody counts in it' });
    const refused = await remove();
    expect(refused.status).toBe(409);
    expect(refused.body.message).toMatch(/Ottilie counts in it/);
    await device.ask('PATCH', `children/${site.childId}`, { languages: ['en'] });
    expect((await remove()).status).toBe(204);
    expect(await known()).toEqual([]);
    const { child } = (await device.ask('GET', `children/${site.childId}`)).body as ChildPage;
    expect(child).toMatchObject({ languages: ['en'], needs: ['vision'] });
  });

  test('a child counts in one language at least, and needs are from the list', async () => {
    const change = (body: object) => device.ask('PATCH', `children/${site.childId}`, body);
    expect((await change({ languages: [] })).body.message).toMatch(/at least one language/);
    expect((await change({ needs: ['patience'] })).status).toBe(400);
  });
});

test('what was generated for a try, and how it was done otherwise, is stored as it was', async () => {
  const id = randomUUID();
  const layout = { seed: 7, turn: 3, marked: true, way: 'marked' };
  const put = putOf(adult, site.childId, {
    task: 'count-ring',
    set: { size: 6, things: 'cork', arrangement: 'ring', layout },
    access: ['vision', 'movement'],
    mixedWith: 'cy',
    ended: 'finished',
  });
  expect((await device.ask('PUT', `tries/${id}`, put)).status).toBe(200);
  // Once more: the layout is found the same, not taken for another set.
  expect((await device.ask('PUT', `tries/${id}`, put)).status).toBe(200);
  expect((await device.ask('GET', `tries/${id}`)).body).toMatchObject({
    set: { layout },
    access: ['vision', 'movement'],
    mixedWith: 'cy',
  });
  const wrong = { ...put, set: { ...put.set, layout: { turn: 9 } } };
  expect((await device.ask('PUT', `tries/${randomUUID()}`, wrong)).body.message).toMatch(/turn/);
});
