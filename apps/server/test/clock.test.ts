import { randomUUID } from 'node:crypto';
import type { PresentAdult, PutTry, ToldTry } from '@dotting/contract';
import { behindBy, placed } from '../src/tries/clock.js';
import { Try } from '../src/tries/try.entity.js';
import { counts, openWithAdult, putOf, type Nursery, type TestDevice, type TestSite } from './nursery.js';

const hour = 3_600_000;

describe('two clocks', () => {
  test('a little apart, or not told, are the same', () => {
    expect(behindBy(undefined, 1e12)).toBe(0);
    expect(behindBy('yesterday', 1e12)).toBe(0);
    expect(behindBy(String(1e12 - 90_000), 1e12)).toBe(0);
    expect(behindBy(String(1e12 - 3 * hour), 1e12)).toBe(3 * hour);
    expect(behindBy(String(1e12 + 3 * hour), 1e12)).toBe(-3 * hour);
  });

  test('a moment is placed by the server’s, and keeps its offset', () => {
    expect(placed('startedAt', '2026-03-02T23:30:00.000+01:00', hour)).toBe('2026-03-03T00:30:00.000+01:00');
    expect(placed('startedAt', '2026-03-02T00:10:00.000-05:30', -hour)).toBe('2026-03-01T23:10:00.000-05:30');
    expect(placed('startedAt', '2026-03-02T09:30:00Z', hour)).toBe('2026-03-02T10:30:00.000Z');
    expect(placed('startedAt', '2026-03-02T09:30:00+01:00', 0)).toBe('2026-03-02T09:30:00+01:00');
  });

  test('a day on which nothing can have been recorded is refused by its field', () => {
    expect(() => placed('closedAt', '1970-01-01T00:03:00.000Z', 0)).toThrow(
      /^closedAt must be a day from 2024/,
    );
  });
});

describe('a try of a device whose clock is wrong', () => {
  let nursery: Nursery;
  let site: TestSite;
  let device: TestDevice;
  let adult: PresentAdult;

  beforeAll(async () => {
    ({ nursery, site, device, adult } = await openWithAdult('clock'));
  });
  afterAll(() => nursery.close());

  /** Sends a try as a device does whose clock shows something else. */
  const send = (id: string, put: PutTry, clockMs: number) => {
    device.clock = String(clockMs);
    return device.ask('PUT', `tries/${id}`, put);
  };

  test('is placed by the server’s, in parts as at once, and keeps what the device said', async () => {
    const id = randomUUID();
    // A tablet that was off so long that it has forgotten the year.
    const startedAt = '1970-01-01T00:03:00.000+01:00';
    const clockMs = Date.parse(startedAt) + 60_000;
    const put = putOf(adult, site.childId, { startedAt, events: counts(1, 2) });
    expect((await send(id, put, clockMs)).status).toBe(200);
    // It was put right meanwhile.
    const rest = { ...put, events: counts(1, 4), ended: 'finished' as const, revision: 1 };
    expect((await send(id, rest, Date.now())).status).toBe(200);
    const told = (await device.ask('GET', `tries/${id}`)).body as ToldTry;
    const minutesAgo = (Date.now() - Date.parse(told.startedAt)) / 60_000;
    expect(minutesAgo).toBeGreaterThan(0.9);
    expect(minutesAgo).toBeLessThan(3);
    expect(told.events).toHaveLength(4);
    const row = await nursery.dataSource.manager.findOneByOrFail(Try, { id: id as never });
    expect(row.startedByDevice).toBe(startedAt);
    const held = JSON.parse((await device.text(`children/${site.childId}/export.json`)).text);
    expect(held.wrongClocks).toEqual([{ tryId: id, startedByDevice: startedAt }]);
  });

  test('beyond reason by both clocks it is refused, and nothing is stored', async () => {
    const id = randomUUID();
    const put = putOf(adult, site.childId, { startedAt: '1970-01-01T00:03:00.000+01:00' });
    expect((await send(id, put, Date.now())).status).toBe(400);
    expect((await device.ask('GET', `tries/${id}`)).status).toBe(404);
  });
});
