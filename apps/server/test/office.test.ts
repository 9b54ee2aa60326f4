import type {
  AdultSecrets,
  Erasure,
  Here,
  ImportReport,
  OfficeChild,
  OfficeView,
  TodayView,
} from '@dotting/contract';
import { usualSchools, type ChildId } from '@dotting/core';
import { randomUUID } from 'node:crypto';
import Papa from 'papaparse';
import { today } from '../src/common/today.js';
import { eraseDay } from '../src/office/register.service.js';
import { tablesOfChild } from '../src/nursery/erase.js';
import { Child } from '../src/nursery/child.entity.js';
import { ErasuresService } from '../src/office/erasures.service.js';
import { Rounds } from '../src/office/rounds.service.js';
import { counts, openNursery, putOf, TestDevice, type TestSite } from './nursery.js';

let nursery: Awaited<ReturnType<typeof openNursery>>;
let site: TestSite;
let lead: TestDevice;
let practitioner: TestDevice;

beforeAll(async () => {
  nursery = await openNursery();
});
afterAll(() => nursery.close());

let sites = 0;
beforeEach(async () => {
  site = await nursery.addSite(`office-${++sites}`);
  lead = new TestDevice(nursery.app);
  await lead.with(site.staff.lead);
  practitioner = new TestDevice(nursery.app);
  await practitioner.with(site.staff.practitioner);
});

const office = async (): Promise<OfficeView> => (await lead.ask('GET', 'office')).body;
const days = (from: number): string => today(new Date(Date.now() + from * 86_400_000));
const addChild = async (facts: object = {}): Promise<ChildId> => {
  const child = {
    roomId: site.roomId,
    firstName: 'Jay',
    lastName: 'Lister',
    birthDate: null,
    group: '',
    hand: null,
    mouths: null,
    allergies: '',
    languages: ['en'],
    needs: [],
    notYet: [],
    touch: null,
    handHelp: null,
    ownForms: [],
    recording: null,
    photos: null,
    ...facts,
  };
  const { status, body } = await lead.ask('POST', 'office/children', child);
  expect(status).toBe(201);
  return body.id as ChildId;
};
const place = (id: string, change: object) => lead.ask('PATCH', `office/children/${id}`, change);
const addRoom = async (name: string): Promise<string> => {
  const id = randomUUID();
  expect((await lead.ask('PUT', `office/rooms/${id}`, { name, retentionMonths: 12 })).status).toBe(204);
  return id;
};
const registerSeen = async (device: TestDevice, roomId = site.roomId): Promise<readonly string[]> => {
  const { body } = await device.ask('GET', `rooms/${roomId}/today`);
  return (body as TodayView).register?.map((child) => child.id) ?? [];
};

const takeIn = (from: object[], dryRun = false) =>
  lead.ask('POST', 'office/children/import', { dryRun, dayOrder: 'day-first', rows: from });

describe('who may see', () => {
  test('an adult sees the children of her rooms and those she is named for; a lead sees all', async () => {
    const upper = await addRoom('Upper Pound');
    const here = await addChild();
    const there = await addChild({ roomId: upper, firstName: 'Teal' });
    const other = await addChild({ roomId: upper, firstName: 'Rook' });
    const roomsSeen = async (device: TestDevice) =>
      ((await device.ask('GET', 'here')).body as Here).rooms.map((room) => room.name);
    expect(await roomsSeen(practitioner)).toEqual(['Lower Pound']);
    expect(await roomsSeen(lead)).toEqual(['Lower Pound', 'Upper Pound']);
    expect((await practitioner.ask('GET', `rooms/${upper}/today`)).status).toBe(404);
    expect((await practitioner.ask('GET', `children/${there}`)).status).toBe(404);
    expect((await lead.ask('GET', `children/${there}`)).status).toBe(200);

    expect((await place(there, { seenBy: [site.staff.practitioner.id] })).status).toBe(204);
    expect(await roomsSeen(practitioner)).toEqual(['Lower Pound', 'Upper Pound']);
    expect(await registerSeen(practitioner, upper)).toEqual([there]);
    expect((await practitioner.ask('GET', `children/${there}`)).status).toBe(200);
    expect((await practitioner.ask('GET', `children/${other}`)).status).toBe(404);
    expect(await registerSeen(practitioner)).toEqual([here, site.childId]);
  });

  test('what may not be seen may not be changed, taken away or read try by try either', async () => {
    const upper = await addRoom('Upper Pound');
    const child = await addChild({ roomId: upper });
    const adult = await lead.with(site.staff.lead);
    const id = randomUUID();
    const put = putOf(adult, child, { ended: 'finished', events: counts(1, 4) });
    expect((await lead.ask('PUT', `tries/${id}`, put)).status).toBe(200);
    const reason = 'x';
    for (const [method, path, body] of [
      ['GET', `tries/${id}`],
      ['POST', `tries/${id}/amendments`, { of: 1, event: null, reason }],
      ['POST', `tries/${id}/rulings`, { on: 'order', holds: true, reason }],
      ['PATCH', `children/${child}`, { group: 'Herons' }],
      ['GET', `children/${child}/export.json`],
      ['GET', `children/${child}/tries.csv`],
      ['POST', `children/${child}/steps`, { skill: 'row', decision: 'pinned', reason }],
      ['PUT', `rooms/${upper}/moves`, { slip: 'missed', saw: 'left one out', move: 'into the lid' }],
    ] as const)
      expect([path, (await practitioner.ask(method, path, body)).status]).toEqual([path, 404]);
  });

  test('the office is for leads alone', async () => {
    for (const [method, path] of [
      ['GET', 'office'],
      ['GET', 'office/children.csv'],
      ['POST', `office/children/${site.childId}/erase`],
      ['POST', `office/adults/${site.staff.lead.id}/secrets`],
    ] as const)
      expect([path, (await practitioner.ask(method, path, { firstName: 'Ottilie' })).status]).toEqual([
        path,
        403,
      ]);
  });
});

describe('the register as a file', () => {
  const rows = (csv: string) => Papa.parse<Record<string, string>>(csv, { header: true }).data;

  test('what was taken out is taken in again as the same', async () => {
    await addChild({
      firstName: '=Sum',
      birthDate: '2022-02-28',
      group: '-Herons; and "Coots"',
      allergies: 'sesame, nuts',
      languages: ['cy', 'en'],
      needs: ['vision'],
      mouths: false,
      hand: 'left',
    });
    await place(await addChild(), { leftOn: days(-3), seenBy: [site.staff.assistant.id] });
    const before = await office();
    const csv = (await lead.text('office/children.csv')).text;
    expect(rows(csv)).toHaveLength(3);
    const report = (await takeIn(rows(csv))).body as ImportReport;
    expect(report.rows.map((row) => [row.outcome, row.says])).toEqual(rows(csv).map(() => ['same', []]));
    expect((await office()).children).toEqual(before.children);
  });

  test('a dry run stores nothing; then the rows that can be read are stored, and no others', async () => {
    const file = [
      { firstName: 'Teal', lastName: 'Marsh', room: 'Lower Pound', group: 'Herons', birthDate: '3/4/2023' },
      { firstName: 'Ottilie', lastName: 'Ferry', allergies: 'sesame', seenBy: site.staff.assistant.email },
      { firstName: 'Rook', room: 'The Weir' },
    ];
    const before = await office();
    const dry = (await takeIn(file, true)).body as ImportReport;
    expect(dry.rows.map((row) => row.outcome)).toEqual(['new', 'changed', 'refused']);
    expect(dry.rows[2]!.says[0]).toContain('“The Weir” is not one of your rooms');
    expect(await office()).toEqual(before);

    const done = (await takeIn(file)).body as ImportReport;
    expect(done).toEqual({ ...dry, stored: true });
    const after = (await office()).children;
    expect(after.map((child) => child.firstName)).toEqual(['Ottilie', 'Teal']);
    expect(after[0]).toMatchObject({ allergies: 'sesame', seenBy: [site.staff.assistant.id] });
    expect(after[1]).toMatchObject({ group: 'Herons', birthDate: '2023-04-03', languages: ['en'] });
  });

  test('a file of another site’s ids touches nothing there', async () => {
    const other = await nursery.addSite(`office-other-${sites}`);
    const report = (await takeIn([{ id: other.childId, firstName: 'Mine now' }])).body as ImportReport;
    expect(report.rows[0]!.outcome).toBe('refused');
  });

  test('no rows, or more than can be taken in at once, are refused in words', async () => {
    expect(await takeIn([])).toMatchObject({
      status: 400,
      body: { message: expect.stringContaining('no rows') },
    });
    const many = Array.from({ length: 501 }, (_, i) => ({ firstName: `Child ${i}` }));
    expect(await takeIn(many)).toMatchObject({
      status: 400,
      body: { message: expect.stringContaining('500') },
    });
  });
});

const shownDaysAgo = (id: ChildId, ago: number) =>
  nursery.dataSource.manager.update(Child, { id }, { eraseShownOn: days(-ago) });

describe('a child who left', () => {
  test('is here through the last day, then hidden from all but leads, and back when it comes back', async () => {
    const child = await addChild();
    await place(child, { leftOn: days(0) });
    expect(await registerSeen(practitioner)).toContain(child);
    await place(child, { leftOn: days(-1) });
    expect(await registerSeen(practitioner)).toEqual([site.childId]);
    expect(await registerSeen(lead)).toEqual([site.childId]);
    expect((await practitioner.ask('GET', `children/${child}`)).status).toBe(404);
    expect((await lead.ask('GET', `children/${child}`)).status).toBe(200);
    expect((await lead.ask('GET', `children/${child}/export.json`)).status).toBe(200);
    await place(child, { leftOn: null });
    expect(await registerSeen(practitioner)).toContain(child);
  });

  test('a try recorded before, and sent after, is still stored', async () => {
    const child = await addChild();
    await place(child, { leftOn: days(-1) });
    const adult = await practitioner.with(site.staff.practitioner);
    const put = putOf(adult, child, { ended: 'finished', events: counts(1, 4) });
    expect((await practitioner.ask('PUT', `tries/${randomUUID()}`, put)).status).toBe(200);
  });

  test('is kept for the room’s time, then erased for good, with proof of what went', async () => {
    const kept = await addChild();
    const gone = await addChild({ firstName: 'Teal' });
    const adult = await lead.with(site.staff.lead);
    for (const child of [kept, gone]) {
      const [one, other] = [randomUUID(), randomUUID()];
      for (const id of [one, other])
        await lead.ask(
          'PUT',
          `tries/${id}`,
          putOf(adult, child, { ended: 'finished', events: counts(1, 4) }),
        );
      await lead.ask('POST', `tries/${one}/rulings`, { on: 'order', holds: true, reason: 'heard it' });
      await lead.ask('POST', `tries/${one}/double`, { other, counts: null });
      await lead.ask('POST', `children/${child}/steps`, { skill: 'row', decision: 'pinned', reason: '' });
      await lead.ask('POST', `children/${child}/statements`, {
        skill: 'row',
        words: 'to five',
        reason: 'seen',
      });
      await lead.ask('GET', `children/${child}`);
      await place(child, { seenBy: [site.staff.assistant.id] });
    }
    const { retentionMonths } = (await office()).rooms[0]!;
    const monthsBack = (more: number) => {
      const day = new Date();
      day.setUTCMonth(day.getUTCMonth() - retentionMonths);
      return today(new Date(day.getTime() + more * 86_400_000));
    };
    await place(kept, { leftOn: monthsBack(3), sure: true });
    await place(gone, { leftOn: monthsBack(-3), sure: true });
    await nursery.app.get(Rounds).begin();
    await office();
    await shownDaysAgo(gone, 14);
    await nursery.app.get(ErasuresService).eraseDue();

    const { children, erasures } = await office();
    expect(children.map((child) => child.id)).toContain(kept);
    expect(children.map((child) => child.id)).not.toContain(gone);
    const found = erasures.filter((one) => one.childId === gone);
    expect(found).toMatchObject([{ reason: 'time', by: '', room: 'Lower Pound', left: 0 }]);
    expect(found[0]!.gone).toEqual({
      child: 1,
      child_seen_by: 1,
      child_summary: 1,
      closing: 0,
      group_time_child: 0,
      not_here: 0,
      ruling: 1,
      set_aside: 0,
      statement_ruling: 1,
      step_decision: 1,
      told_apart: 1,
      try: 2,
      try_event: 8,
      try_move: 0,
      try_photo: 0,
    });
    expect(JSON.stringify(erasures)).not.toContain('Teal');
    expect((await lead.ask('GET', `children/${kept}`)).body.tries).toHaveLength(2);
    expect((await lead.ask('GET', `children/${gone}`)).status).toBe(404);
  });

  describe('whose time is up', () => {
    const eraseDue = () => nursery.app.get(ErasuresService).eraseDue();
    const confirm = (...childIds: readonly ChildId[]) => lead.ask('POST', 'office/erasures', { childIds });
    const find = async (id: ChildId) => (await office()).children.find((one) => one.id === id);
    const longGone = async (): Promise<ChildId> => {
      const child = await addChild();
      await place(child, { leftOn: days(-1200), sure: true });
      return child;
    };

    test('a last day far from today is asked about, and kept only once it is said to be right', async () => {
      const child = await addChild();
      for (const leftOn of [days(-3600), days(-70), days(500)]) {
        const { status, body } = await place(child, { leftOn });
        expect([status, body.fields[0].field]).toEqual([409, 'leftOn']);
        expect(body.message).toBe(
          `The last day ${leftOn} is far from today. If it is right, tick the box and save again.`,
        );
        expect((await find(child))!.leftOn).toBeNull();
      }
      expect((await place(child, { leftOn: days(-50) })).status).toBe(204);
      expect((await place(child, { leftOn: days(-70), sure: true })).status).toBe(204);
      // The same day again is no new one.
      expect((await place(child, { leftOn: days(-70), group: 'Coots' })).status).toBe(204);
    });

    test('in a file too', async () => {
      const file = [{ firstName: 'Ottilie', lastName: 'Ferry', leftOn: days(-3600) }];
      const asked = (await takeIn(file, true)).body as ImportReport;
      expect(asked.rows).toMatchObject([
        { outcome: 'asked', says: [`Last day: ${days(-3600)} is far from today. Is that right?`] },
      ]);
      await takeIn(file);
      expect((await find(site.childId))!.leftOn).toBeNull();
      const body = { dryRun: false, dayOrder: 'day-first', rows: file, sure: [2] };
      expect((await lead.ask('POST', 'office/children/import', body)).body.rows[0].outcome).toBe('changed');
      expect((await find(site.childId))!.leftOn).toBe(days(-3600));
    });

    test('stays as long as no lead has been shown it, and for 14 days after', async () => {
      const child = await longGone();
      expect(await eraseDue()).toBe(0);
      expect((await find(child))!.erasedUnasked).toBe(days(14));
      expect(await eraseDue()).toBe(0);
      await shownDaysAgo(child, 13);
      expect(await eraseDue()).toBe(0);
      await shownDaysAgo(child, 14);
      expect(await eraseDue()).toBe(1);
      expect(await find(child)).toBeUndefined();
    });

    test('is brought back in one step, and then has to be shown anew', async () => {
      const child = await longGone();
      await office();
      await shownDaysAgo(child, 14);
      expect((await place(child, { leftOn: null })).status).toBe(204);
      expect(await eraseDue()).toBe(0);
      await place(child, { leftOn: days(-1200), sure: true });
      expect(await eraseDue()).toBe(0);
      expect((await find(child))!.erasedUnasked).toBe(days(14));
    });

    test('whoever is due no longer, because the room keeps longer, has to be shown anew', async () => {
      const child = await longGone();
      await office();
      await shownDaysAgo(child, 20);
      const room = { name: 'Lower Pound', retentionMonths: 60 };
      await lead.ask('PUT', `office/rooms/${site.roomId}`, room);
      expect((await find(child))!.erasedUnasked).toBeNull();
      await lead.ask('PUT', `office/rooms/${site.roomId}`, { ...room, retentionMonths: 36 });
      expect(await eraseDue()).toBe(0);
    });

    test('goes at once when a lead confirms it, all that are named or none', async () => {
      const [child, still] = [await longGone(), await addChild({ firstName: 'Teal' })];
      expect((await confirm(child, still)).status).toBe(409);
      expect(await find(child)).toBeDefined();
      expect((await practitioner.ask('POST', 'office/erasures', { childIds: [child] })).status).toBe(403);
      const { status, body } = await confirm(child);
      expect([status, body]).toMatchObject([200, [{ childId: child, reason: 'time', by: 'lead', left: 0 }]]);
      expect(await find(child)).toBeUndefined();
    });

    test('a site may wait longer or less, but never under seven days', async () => {
      expect((await lead.ask('PUT', 'office/erase-wait', { days: 6 })).status).toBe(400);
      expect((await lead.ask('PUT', 'office/erase-wait', { days: 7 })).status).toBe(204);
      const child = await longGone();
      expect((await find(child))!.erasedUnasked).toBe(days(7));
      await shownDaysAgo(child, 7);
      expect(await eraseDue()).toBe(1);
    });
  });

  test('is erased before its time only after leaving, and with its name typed', async () => {
    const child = await addChild();
    const erase = (firstName: string) => lead.ask('POST', `office/children/${child}/erase`, { firstName });
    expect((await erase('Jay')).body.message).toBe('Jay still comes here. Enter a last day first.');
    await place(child, { leftOn: days(-1) });
    expect((await erase('Wren')).status).toBe(409);
    expect((await office()).children.map((one) => one.id)).toContain(child);
    const { status, body } = await erase(' jay ');
    expect(status).toBe(200);
    expect(body as Erasure).toMatchObject({ childId: child, reason: 'asked', by: 'lead', left: 0 });
    expect((await office()).children.map((one) => one.id)).not.toContain(child);
  });

  test('no table with rows about a child is forgotten when it is erased', async () => {
    const keys: { name: string }[] = await nursery.dataSource.query(
      `SELECT CONCAT(TABLE_NAME, '.', COLUMN_NAME) AS name FROM information_schema.KEY_COLUMN_USAGE
       WHERE TABLE_SCHEMA = DATABASE() AND REFERENCED_TABLE_NAME IN ('child', 'try')`,
    );
    const erased = tablesOfChild.map(([table, column]) => `${table}.${column}`);
    expect(erased).toEqual(expect.arrayContaining(keys.map((key) => key.name)));
    expect(keys.length).toBeGreaterThan(8);
  });

  test.each([
    ['2026-01-31', 1, '2026-03-01'],
    ['2026-07-17', 36, '2029-07-18'],
    ['2026-07-17', 0, '2026-07-18'],
  ])('left on %s and kept %i months: erased on %s', (leftOn, months, day) => {
    expect(eraseDay(leftOn, months)).toBe(day);
  });
});

describe('rooms and adults', () => {
  test('a room is added, renamed, and taken away once it is empty', async () => {
    const id = await addRoom('Upper Pound');
    expect(
      (await lead.ask('PUT', `office/rooms/${id}`, { name: 'lower pound', retentionMonths: 1 })).status,
    ).toBe(409);
    expect((await lead.ask('PUT', `office/rooms/${id}`, { name: 'Weir', retentionMonths: 1.5 })).status).toBe(
      400,
    );
    await lead.ask('PUT', `office/rooms/${id}`, { name: 'Weir', retentionMonths: 6 });
    expect((await office()).rooms).toContainEqual({
      id,
      name: 'Weir',
      retentionMonths: 6,
      schools: usualSchools,
    });
    // The ways of a room go with it, and go when it does.
    await lead.ask('PUT', `rooms/${id}/schools`, { checks: 'always' });
    await lead.ask('PUT', `office/rooms/${id}`, { name: 'Weir', retentionMonths: 7 });
    expect((await office()).rooms).toContainEqual({
      id,
      name: 'Weir',
      retentionMonths: 7,
      schools: { ...usualSchools, checks: 'always' },
    });
    await place(site.childId, { roomId: id });
    expect((await lead.ask('DELETE', `office/rooms/${id}`)).body.message).toMatch(/^1 child is in this room/);
    await place(site.childId, { roomId: site.roomId });
    expect((await lead.ask('DELETE', `office/rooms/${id}`)).status).toBe(204);
    expect((await lead.ask('DELETE', `office/rooms/${site.roomId}`)).status).toBe(409);
  });

  test('a new adult signs a device in with the password told once, and comes in with the code', async () => {
    const body = {
      firstName: 'Sedge',
      lastName: 'Arden',
      email: `Sedge@office-${sites}.example`,
      role: 'practitioner',
      rooms: [site.roomId],
    };
    const added = await lead.ask('POST', 'office/adults', body);
    expect(added.status).toBe(201);
    expect((await lead.ask('POST', 'office/adults', body)).body.fields[0].field).toBe('email');
    const { id, password, code } = added.body as AdultSecrets;
    const device = new TestDevice(nursery.app);
    expect((await device.ask('POST', 'device', { email: body.email, password })).status).toBe(204);
    expect((await device.ask('POST', 'adult', { staffId: id, code })).status).toBe(200);
    expect(await registerSeen(device)).toEqual([site.childId]);

    const renewed = (await lead.ask('POST', `office/adults/${id}/secrets`)).body as AdultSecrets;
    expect(renewed.password).not.toBe(password);
    const again = new TestDevice(nursery.app);
    expect((await again.ask('POST', 'device', { email: body.email, password })).status).toBe(401);
    expect(
      (await again.ask('POST', 'device', { email: body.email, password: renewed.password })).status,
    ).toBe(204);

    // The device that the old password signed in is signed out, and the stay at it over.
    expect((await device.ask('GET', 'here')).status).toBe(401);

    expect((await again.ask('POST', 'adult', { staffId: id, code: renewed.code })).status).toBe(200);
    expect((await lead.ask('PATCH', `office/adults/${id}`, { leftOn: days(0) })).status).toBe(204);
    expect((await again.ask('GET', `rooms/${site.roomId}/today`)).status).toBe(403);
    expect((await again.ask('POST', 'adult', { staffId: id, code: renewed.code })).status).toBe(404);
    const named = (await again.ask('GET', 'here')).body as Here;
    expect(named.adults.map((adult) => adult.firstName)).not.toContain('Sedge');
  });

  test('there is always a lead, and rooms and adults of other sites are out of reach', async () => {
    const change = (id: string, body: object) => lead.ask('PATCH', `office/adults/${id}`, body);
    const last = 'Somebody has to be the lead. Make another adult the lead first.';
    expect((await change(site.staff.lead.id, { role: 'assistant' })).body.message).toBe(last);
    expect((await change(site.staff.lead.id, { leftOn: days(0) })).body.message).toBe(last);
    const other = await nursery.addSite(`office-far-${sites}`);
    expect((await change(other.staff.lead.id, { role: 'assistant' })).status).toBe(404);
    expect((await change(site.staff.assistant.id, { rooms: [other.roomId] })).status).toBe(409);
    expect((await place(site.childId, { roomId: other.roomId })).status).toBe(409);
    expect((await place(site.childId, { seenBy: [other.staff.lead.id] })).status).toBe(409);
    expect((await place(other.childId, { group: 'Herons' })).status).toBe(404);
    const children: readonly OfficeChild[] = (await office()).children;
    expect(children.map((child) => child.id)).toEqual([site.childId]);
  });
});
