// @ts-check
import { randomUUID } from 'node:crypto';
import { setTimeout as wait } from 'node:timers/promises';
import { ask, signedIn } from './load.mjs';

/** So many things a child counts before its try ends. */
const eventsOfATry = 12;
const rowsOfAFile = 5;

/**
 * Devices that count, close their sittings and bring children in from files, each request sent again until it is
 * acknowledged. What was acknowledged is what has to be there afterwards.
 */
export async function busyNursery(url) {
  const acknowledged = { events: new Map(), closings: new Set(), files: new Set() };
  /** Sent, and not answered: all of it may be stored, or nothing. */
  const open = { files: new Set() };
  let isOver = false;
  const until = async (send) => {
    while (!isOver) {
      try {
        return await send();
      } catch (error) {
        // Refused for good is a fault of this test or of the server; anything else is a kill.
        if (/: 4\d\d /.test(String(error))) throw error;
        await wait(50);
      }
    }
    return undefined;
  };

  const count = async ({ cookie, adult, childId }, i) => {
    await wait(10 * i);
    while (!isOver) {
      const sitting = randomUUID();
      const id = randomUUID();
      const startedAt = new Date().toISOString();
      for (let n = 0; n < eventsOfATry && !isOver; n++) {
        const body = tryOf({ adult, childId, sitting, startedAt, n });
        if (await until(() => ask(url, 'PUT', `tries/${id}`, body, cookie)))
          acknowledged.events.set(id, n + 1);
      }
      const closing = closingOf({ adult, childId });
      if (await until(() => ask(url, 'PUT', `sittings/${sitting}/closing`, closing, cookie)))
        acknowledged.closings.add(sitting);
    }
  };

  const bringIn = async ({ cookie }) => {
    for (let n = 0; !isOver; n++) {
      const name = `Kingfisher${n}`;
      open.files.add(name);
      const body = { dryRun: false, dayOrder: 'day-first', rows: fileOf(name) };
      // A file is not sent again by itself: its lead looks first whether it is there.
      const stored = await ask(url, 'POST', 'office/children/import', body, cookie).catch(() => null);
      if (stored) {
        acknowledged.files.add(name);
        open.files.delete(name);
      }
      await wait(100);
    }
  };

  const devices = await signedIn(url, 12);
  const [lead] = await signedIn(url, 1, 'Orla');
  const working = Promise.all([...devices.map(count), bringIn(lead)]);
  working.catch(() => undefined);
  return {
    acknowledged,
    open,
    stop: async () => {
      isOver = true;
      await working;
    },
  };
}

function tryOf({ adult, childId, sitting, startedAt, n }) {
  const isLast = n === eventsOfATry - 1;
  return {
    childId,
    sittingId: sitting,
    recordedBy: adult.id,
    presence: adult.presence,
    startedAt,
    task: 'count-row',
    language: 'en',
    set: { size: eventsOfATry, things: 'cork', arrangement: 'row' },
    start: 1,
    direction: 1,
    help: 'none',
    answeredBy: 'alone',
    firstTime: false,
    ended: isLast ? 'finished' : null,
    revision: isLast ? 1 : 0,
    events: [{ seq: n, t: 100 * n, kind: 'count', word: n + 1 }],
  };
}

const closingOf = ({ adult, childId }) => ({
  childId,
  recordedBy: adult.id,
  presence: adult.presence,
  closedAt: new Date().toISOString(),
  revision: 0,
  changed: [],
  open: [],
  note: 'counted corks',
});

const fileOf = (name) =>
  Array.from({ length: rowsOfAFile }, (_, i) => ({
    firstName: name,
    lastName: `Reed${i}`,
    birthDate: `0${i + 1}.03.2022`,
    room: 'Upper Pound',
  }));

/**
 * Looks into the database for all that was acknowledged.
 * @returns what is lost, doubled, out of order or half stored
 */
export async function faultsIn(connection, { acknowledged, open }) {
  const faults = [];
  const [events] = await connection.query('SELECT try_id AS id, seq, t FROM try_event ORDER BY try_id, seq');
  const byTry = grouped(events);
  for (const [id, n] of acknowledged.events) {
    const stored = byTry.get(id) ?? [];
    // One more than acknowledged may have come through before its answer was lost.
    if (stored.length < n || stored.length > n + 1)
      faults.push(`try ${id}: ${n} acknowledged, ${stored.length} stored`);
    if (stored.some(({ seq, t }, i) => seq !== i || t !== 100 * i)) faults.push(`try ${id}: out of order`);
  }
  const [closings] = await connection.query('SELECT id FROM closing');
  const closed = new Set(closings.map(({ id }) => id));
  for (const id of acknowledged.closings) if (!closed.has(id)) faults.push(`closing ${id} is lost`);
  const [children] = await connection.query(
    "SELECT first_name AS name, COUNT(*) AS n FROM child WHERE first_name LIKE 'Kingfisher%' GROUP BY first_name",
  );
  const stored = new Map(children.map(({ name, n }) => [name, Number(n)]));
  for (const name of acknowledged.files)
    if (stored.get(name) !== rowsOfAFile)
      faults.push(`file ${name}: ${stored.get(name) ?? 0} of ${rowsOfAFile} stored`);
  for (const name of open.files)
    if (![undefined, rowsOfAFile].includes(stored.get(name)))
      faults.push(`file ${name}: ${stored.get(name)} stored`);
  return faults;
}

function grouped(rows) {
  const groups = new Map();
  for (const row of rows) groups.set(row.id, [...(groups.get(row.id) ?? []), row]);
  return groups;
}
