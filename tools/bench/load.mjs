// @ts-check
import { randomUUID } from 'node:crypto';
import { setTimeout as wait } from 'node:timers/promises';
import { createConnection } from 'mysql2/promise';

/**
 * How many were asked for and answered, and how long that took, in ms.
 * @typedef {{ asked: number, answered: number, perSecond: number, p50: number, p95: number, p99: number }} Figures
 */

const secondMs = 1_000;
/** So many things a child counts before its try ends and the next begins. */
const eventsOfATry = 12;

/**
 * Devices of the demo nursery with an adult at each, and a child to count with.
 * @returns {Promise<{ cookie: string, adult: any, childId: string }[]>}
 */
export async function signedIn(url, many, firstName = 'Tomasz') {
  const { adults, demoPassword, emailOf } = await import('../../apps/server/dist/demo/nursery.js');
  const known = adults.find((one) => one.firstName === firstName);
  if (!known) throw new Error(`No adult of the demo nursery is called ${firstName}`);
  const devices = [];
  let children;
  for (let i = 0; i < many; i++) {
    const device = await ask(url, 'POST', 'device', { email: emailOf(known), password: demoPassword });
    const here = await (await ask(url, 'GET', 'here', undefined, device.cookie)).answer.json();
    const { id } = here.adults.find((one) => one.firstName === firstName);
    const stay = await ask(url, 'POST', 'adult', { staffId: id, code: known.code }, device.cookie);
    const cookie = `${device.cookie}; ${stay.cookie}`;
    children ??= await childrenOf(url, here.rooms, cookie);
    devices.push({ cookie, adult: await stay.answer.json(), childId: children[i % children.length] });
  }
  return devices;
}

async function childrenOf(url, rooms, cookie) {
  const registers = [];
  for (const { id } of rooms) {
    const { answer } = await ask(url, 'GET', `rooms/${id}/today`, undefined, cookie);
    registers.push(...(await answer.json()).register.map((child) => child.id));
  }
  return registers;
}

export async function ask(url, method, path, body, cookie = '') {
  const answer = await fetch(`${url}/api/${path}`, {
    method,
    headers: { cookie, ...(body && { 'content-type': 'application/json' }) },
    ...(body && { body: JSON.stringify(body) }),
  });
  if (!answer.ok) throw new Error(`${method} ${path}: ${answer.status} ${await answer.text()}`);
  return {
    answer,
    cookie: answer.headers
      .getSetCookie()
      .map((one) => one.split(';')[0])
      .join('; '),
  };
}

/** In these first seconds all devices open their connections and begin a try at once: told by themselves. */
const beginningSeconds = 5;

/**
 * On each device a tap a second. As the app does, it sends what is not sent yet once the request before was answered.
 * @returns {Promise<[beginning: Figures, after: Figures]>}
 */
export async function counting(url, devices, seconds) {
  const took = [];
  const tookFirst = [];
  const began = performance.now();
  const running = devices.map(async (device, i) => {
    await wait((i * secondMs) / devices.length);
    // Children are not all at the same step: each device comes in somewhere else in its first try.
    const begins = i % eventsOfATry;
    const send = sender(url, device, begins);
    let tapped = begins;
    let sent = begins;
    let sending = Promise.resolve();
    const pump = async () => {
      while (sent < tapped) {
        // Up to the end of a try: the next is a request of its own.
        const to = Math.min(tapped, (Math.floor(sent / eventsOfATry) + 1) * eventsOfATry);
        const at = performance.now();
        if (!(await send(sent, to))) return;
        const isBeginning = at - began < beginningSeconds * secondMs;
        const times = Array.from({ length: to - sent }, () => performance.now() - at);
        (isBeginning ? tookFirst : took).push(...times);
        sent = to;
      }
    };
    for (let second = 0; second < beginningSeconds + seconds; second++) {
      tapped += 1;
      const isIdle = sent === tapped - 1;
      if (isIdle) sending = pump();
      await wait(secondMs);
    }
    await sending;
  });
  await Promise.all(running);
  const after = (performance.now() - began) / secondMs - beginningSeconds;
  return [
    figuresOf(tookFirst, devices.length * beginningSeconds, beginningSeconds),
    figuresOf(took, devices.length * seconds, after),
  ];
}

/** Sends the taps from one to another of the try under way; the last of it ends it. The first try is shorter. */
function sender(url, { cookie, adult, childId }, begins) {
  const sittingId = randomUUID();
  let id = randomUUID();
  let startedAt = new Date().toISOString();
  return async (from, to) => {
    const first = from - Math.max(begins, from - (from % eventsOfATry));
    if (first === 0) {
      id = randomUUID();
      startedAt = new Date().toISOString();
    }
    const isLast = to % eventsOfATry === 0;
    const events = Array.from({ length: to - from }, (_, i) => {
      const seq = first + i;
      return { seq, t: seq * secondMs, kind: 'count', word: seq + 1 };
    });
    const body = {
      childId,
      sittingId,
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
      events,
    };
    return ask(url, 'PUT', `tries/${id}`, body, cookie).then(
      () => true,
      () => false,
    );
  };
}

/** The same rows written by themselves, in one table and without a question asked. */
export async function bareInserts(databaseUrl, perSecond, seconds) {
  const connections = await Promise.all(
    Array.from({ length: 10 }, () => createConnection({ uri: databaseUrl })),
  );
  await connections[0].query(
    `CREATE OR REPLACE TABLE bare_event (try_id uuid NOT NULL, seq int NOT NULL, t int NOT NULL,
       kind varchar(20) NOT NULL, facts json NOT NULL, PRIMARY KEY (try_id, seq))`,
  );
  const took = [];
  const began = performance.now();
  const all = Array.from({ length: perSecond * seconds }, async (_, i) => {
    await wait((i / perSecond) * secondMs);
    const at = performance.now();
    const row = [randomUUID(), i % eventsOfATry, i, 'count', JSON.stringify({ word: 1 })];
    await connections[i % connections.length].query('INSERT INTO bare_event VALUES (?, ?, ?, ?, ?)', row);
    took.push(performance.now() - at);
  });
  await Promise.all(all);
  const figures = figuresOf(took, all.length, (performance.now() - began) / secondMs);
  await connections[0].query('DROP TABLE bare_event');
  await Promise.all(connections.map((connection) => connection.end()));
  return figures;
}

/**
 * What 20 devices wait for by themselves, and while a hundred others sign in at once.
 * @returns {Promise<[string, Figures][]>}
 */
export async function signInsBeside(url, devices) {
  const { adults, demoPassword, emailOf } = await import('../../apps/server/dist/demo/nursery.js');
  const [, alone] = await counting(url, devices, 10);
  const signIns = Array.from({ length: 100 }, async (_, i) => {
    await wait((beginningSeconds + 1) * secondMs);
    const email = emailOf(adults[i % adults.length]);
    const began = performance.now();
    return ask(url, 'POST', 'device', { email, password: demoPassword }).then(
      () => performance.now() - began,
      () => null,
    );
  });
  const [, beside] = await counting(url, devices, 10);
  const took = (await Promise.all(signIns)).filter((ms) => ms !== null);
  return [
    ['20 devices alone', alone],
    ['20 devices beside 100 sign-ins', beside],
    ['the sign-ins themselves', figuresOf(took, 100, 10)],
  ];
}

/** @returns {Figures} */
function figuresOf(took, asked, seconds) {
  const sorted = took.toSorted((a, b) => a - b);
  const at = (share) => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? NaN;
  return {
    asked,
    answered: took.length,
    perSecond: took.length / seconds,
    p50: at(0.5),
    p95: at(0.95),
    p99: at(0.99),
  };
}
