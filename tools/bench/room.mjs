import { loadCore } from '../lib/core.mjs';
import { randomUUID } from 'node:crypto';
import { withAdult } from '../lib/demo.mjs';
import { sayProgress } from '../lib/say.mjs';

const weeks = 104;
const rowsAtOnce = 1000;
const rounds = 21;

/**
 * Adds a room of `children` children with `tries` tries each to the demo nursery, as the server stores
 * them, and works out what is kept of them.
 * @returns the room's id
 */
export async function fillRoom(databaseUrl, { children, tries }) {
  const { openDatabase } = await import('../../apps/server/dist/database/dataSource.js');
  const { Child } = await import('../../apps/server/dist/nursery/child.entity.js');
  const { Room } = await import('../../apps/server/dist/nursery/room.entity.js');
  const { Site } = await import('../../apps/server/dist/nursery/site.entity.js');
  const { Staff } = await import('../../apps/server/dist/nursery/staff.entity.js');
  const { Try } = await import('../../apps/server/dist/tries/try.entity.js');
  const { TryEvent } = await import('../../apps/server/dist/tries/tryEvent.entity.js');
  const { eventRowOf, rowOf } = await import('../../apps/server/dist/tries/traces.js');
  const { blankChild } = await import('../../packages/contract/dist/index.js');
  const { growth, makeUps } = await import('../../apps/server/dist/demo/nursery.js');
  const { seededRandom, seededUuid, simulateMonths } = await loadCore();
  const dataSource = await openDatabase(databaseUrl);
  const { manager } = dataSource;
  const [{ id: siteId }] = await manager.find(Site);
  const adults = (await manager.find(Staff)).map((one) => one.id);
  const room = { id: randomUUID(), siteId, name: 'Long Reach', schools: {} };
  await manager.insert(Room, room);
  const random = seededRandom(300);
  const abilities = Object.values(makeUps);
  for (let i = 0; i < children; i++) {
    const child = {
      id: seededUuid(random),
      siteId,
      roomId: room.id,
      ...blankChild,
      firstName: `Child ${i + 1}`,
      birthDate: '2022-02-02',
      mouths: false,
    };
    await manager.insert(Child, child);
    const plan = { childId: child.id, adults, language: 'en', ability: abilities[i % abilities.length] };
    const firstDay = new Date(Date.now() - weeks * 7 * 86_400_000).toISOString().slice(0, 10);
    const traces = simulateMonths(
      { ...plan, growth, firstDay, weeks: weeks - 1, weeksBetween: (3.4 * weeks) / tries },
      random,
    ).slice(-tries);
    await insertAll(
      manager,
      Try,
      traces.map((trace) => rowOf(trace.id, { ...trace, revision: 0 })),
    );
    await insertAll(
      manager,
      TryEvent,
      traces.flatMap(({ id, events }) => events.map((event) => eventRowOf(id, event))),
    );
    sayProgress('Children with their tries', i + 1, children);
  }
  await dataSource.destroy();
  await workOutAll(databaseUrl);
  return room.id;
}

async function insertAll(manager, entity, rows) {
  for (let i = 0; i < rows.length; i += rowsAtOnce)
    await manager.insert(entity, rows.slice(i, i + rowsAtOnce));
}

async function workOutAll(databaseUrl) {
  const { createApp } = await import('../../apps/server/dist/app.js');
  const { SummariesService } = await import('../../apps/server/dist/summaries/summaries.service.js');
  const app = await createApp({ databaseUrl, logs: false });
  await app
    .get(SummariesService)
    .rebuild((done, of) => sayProgress('Working out what may be said, children', done, of));
  await app.close();
}

/** What the room's page takes at the server, beside the bare SQL that reads the same rows; and on the screen. */
export async function measureRoom(url, databaseUrl, { roomId, children }) {
  const sql = await measureSql(databaseUrl, roomId);
  return withAdult(url, 'Orla', async (page, comeIn) => {
    await comeIn();
    const [{ id: childId }] = (await (await page.request.get(`${url}/api/rooms/${roomId}/today`)).json())
      .register;
    const served = {};
    for (const path of [`rooms/${roomId}`, `rooms/${roomId}/today`, `children/${childId}`])
      served[path] = await medianOf(() => page.request.get(`${url}/api/${path}`));
    const [room, today, child] = Object.values(served);
    return [
      ['the room’s data, asked over HTTP, median', ms(room)],
      ['the bare SQL that reads the same rows, median', ms(sql)],
      ['the ratio of the two', (room / sql).toFixed(1)],
      ['Today’s data of the same room, median', ms(today)],
      ['a child’s page of the same room, median', ms(child)],
      ['the room drawn, from its data to the paint, median of 5', ms(await drawing(page, url, children))],
    ];
  });
}

async function measureSql(databaseUrl, roomId) {
  const { createConnection } = await import('mysql2/promise');
  const connection = await createConnection({ uri: databaseUrl });
  const time = await medianOf(async () => {
    await connection.query('SELECT * FROM child WHERE room_id = ? ORDER BY first_name', [roomId]);
    await connection.query(
      `SELECT s.child_id, s.made_from, s.made_for, s.makeup, s.glance
       FROM child_summary s JOIN child c ON c.id = s.child_id WHERE c.room_id = ?`,
      [roomId],
    );
    await connection.query('SELECT id, first_name FROM staff');
  });
  await connection.end();
  return time;
}

/** From the moment the room's data have arrived to the paint that shows all its children. */
async function drawing(page, url, children) {
  const times = [];
  for (let i = 0; i < 5; i++) {
    await page.goto(url);
    await page.getByRole('button', { name: 'Long Reach' }).click();
    await page.waitForLoadState('networkidle');
    const drawn = page.evaluate(watchDrawing, children);
    await page.getByRole('link', { name: 'Room', exact: true }).click();
    times.push(await drawn);
  }
  return median(times);
}

/** Runs in the page. */
function watchDrawing(children) {
  const { fetch } = window;
  let arrived;
  window.fetch = async (input, init) => {
    const response = await fetch(input, init);
    if (!/\/api\/rooms\/[^/]+$/.test(response.url)) return response;
    const text = await response.text();
    arrived = performance.now();
    return new Response(text, { status: response.status, headers: response.headers });
  };
  return new Promise((done) => {
    const look = () => {
      if (document.querySelectorAll('main tbody tr').length < children) return requestAnimationFrame(look);
      // A message sent from a frame arrives after its paint.
      const channel = new MessageChannel();
      channel.port1.onmessage = () => done(performance.now() - arrived);
      channel.port2.postMessage(null);
    };
    requestAnimationFrame(look);
  });
}

async function medianOf(work) {
  const times = [];
  for (let i = 0; i < rounds; i++) {
    const began = performance.now();
    await work();
    times.push(performance.now() - began);
  }
  return median(times);
}

const median = (times) => times.toSorted((a, b) => a - b)[Math.floor(times.length / 2)];
const ms = (time) => `${time.toFixed(0)} ms`;
