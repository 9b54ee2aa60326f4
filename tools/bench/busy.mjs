import { randomUUID } from 'node:crypto';
import { setTimeout as wait } from 'node:timers/promises';
import { fillRoom } from './room.mjs';

const tries = 300;
const arriving = 30;
const betweenLooksMs = 20;

/** How soon the server answers anybody while ended tries of a child with a long record keep arriving. */
export async function measureBusy(url, databaseUrl) {
  const roomId = await fillRoom(databaseUrl, { children: 1, tries });
  const device = await signIn(url);
  const adult = await device('POST', 'adult', { staffId: device.adult.id, code: device.adult.code });
  const [{ id: childId }] = (await device('GET', `rooms/${roomId}/today`)).register;
  const quiet = await whileLooking(url, () => wait(3_000));
  const puts = [];
  const busy = await whileLooking(url, async () => {
    for (let i = 0; i < arriving; i++) {
      const began = performance.now();
      await device('PUT', `tries/${randomUUID()}`, tryOf(adult, childId));
      puts.push(performance.now() - began);
      await wait(300);
    }
  });
  return [
    [
      `a health check while ${arriving} ended tries of a child with ${tries} arrive, median`,
      ms(at(busy, 0.5)),
    ],
    ['the same, 95th percentile', ms(at(busy, 0.95))],
    ['the same, longest', ms(at(busy, 1))],
    [
      'its 95th percentile against that of a quiet server',
      `${(at(busy, 0.95) / at(quiet, 0.95)).toFixed(1)} times`,
    ],
    ['storing one of these tries, median', ms(at(puts, 0.5))],
  ];
}

async function signIn(url) {
  const { adults, demoPassword, emailOf } = await import('../../apps/server/dist/demo/nursery.js');
  const cookies = new Map();
  const ask = async (method, path, body) => {
    const response = await fetch(`${url}/api/${path}`, {
      method,
      headers: {
        cookie: [...cookies].map(([name, value]) => `${name}=${value}`).join('; '),
        ...(body && { 'content-type': 'application/json' }),
      },
      ...(body && { body: JSON.stringify(body) }),
    });
    for (const set of response.headers.getSetCookie()) {
      const [name, value] = set.split(';')[0].split('=');
      cookies.set(name, value);
    }
    const answer = await response.text();
    if (!response.ok) throw new Error(`${method} ${path}: ${answer}`);
    return answer === '' ? null : JSON.parse(answer);
  };
  const lead = adults.find((one) => one.role === 'lead');
  await ask('POST', 'device', { email: emailOf(lead), password: demoPassword });
  const here = await ask('GET', 'here');
  const { id } = here.adults.find((one) => one.firstName === lead.firstName);
  return Object.assign(ask, { adult: { id, code: lead.code } });
}

const tryOf = (adult, childId) => ({
  childId,
  sittingId: randomUUID(),
  recordedBy: adult.id,
  presence: adult.presence,
  startedAt: new Date().toISOString(),
  task: 'count-row',
  language: 'en',
  set: { size: 7, things: 'boat', arrangement: 'row' },
  start: 1,
  direction: 1,
  target: 7,
  help: 'none',
  answeredBy: 'alone',
  firstTime: false,
  ended: 'finished',
  revision: 0,
  events: Array.from({ length: 7 }, (_, i) => ({ seq: i, t: 900 * (i + 1), kind: 'count', word: i + 1 })),
});

/** Times of health checks, one after another, while something lasts. */
async function whileLooking(url, work) {
  const times = [];
  let isOver = false;
  const done = work().finally(() => (isOver = true));
  while (!isOver) {
    const began = performance.now();
    await (await fetch(`${url}/api/ready`)).arrayBuffer();
    times.push(performance.now() - began);
    await wait(betweenLooksMs);
  }
  await done;
  return times;
}

const at = (times, share) => times.toSorted((a, b) => a - b)[Math.ceil(share * times.length) - 1];
const ms = (time) => `${time.toFixed(0)} ms`;
