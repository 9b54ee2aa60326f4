// Uses the API as somebody would who knows its description only: the types are made from it.
import { randomUUID } from 'node:crypto';
import createClient from 'openapi-fetch';
import type { components, paths } from '../../.made/api.js';

type PutTry = components['schemas']['PutTry'];

const { url, email, password, code } = JSON.parse(process.argv[2]!) as Record<string, string>;
const cookies = new Map<string, string>();
const client = createClient<paths>({ baseUrl: url! });
client.use({
  onRequest({ request }) {
    request.headers.set('cookie', [...cookies].map((pair) => pair.join('=')).join('; '));
  },
  onResponse({ response }) {
    for (const set of response.headers.getSetCookie()) {
      const [name, value] = set.split(';')[0]!.split('=');
      cookies.set(name!, value!);
    }
  },
});

const signedIn = await client.POST('/api/device', { body: { email: email!, password: password! } });
const { data: here } = await client.GET('/api/here');
const adult = here!.adults.find((one) => one.firstName === 'practitioner')!;
const { data: present } = await client.POST('/api/adult', { body: { staffId: adult.id, code: code! } });
const { data: today } = await client.GET('/api/rooms/{id}/today', {
  params: { path: { id: here!.rooms[0]!.id } },
});
const childId = today!.register[0]!.id;

const id = randomUUID();
const body: PutTry = {
  childId,
  sittingId: randomUUID(),
  recordedBy: present!.id,
  presence: present!.presence,
  startedAt: '2026-03-02T09:41:00.000+00:00',
  language: 'en',
  task: 'count-row',
  set: { size: 2, things: 'cork', arrangement: 'row' },
  start: 1,
  direction: 1,
  help: 'none',
  answeredBy: 'alone',
  firstTime: false,
  ended: 'finished',
  revision: 0,
  events: [
    { seq: 0, t: 0, kind: 'count', word: 1, item: 0 },
    { seq: 1, t: 900, kind: 'count', word: 2, item: 1 },
  ],
};
const stored = await client.PUT('/api/tries/{id}', { params: { path: { id } }, body });
const { data: page } = await client.GET('/api/children/{id}', { params: { path: { id: childId } } });
const { data: told } = await client.GET('/api/tries/{id}', { params: { path: { id } } });
const refused = await client.GET('/api/children/{id}', { params: { path: { id: randomUUID() } } });

console.log(
  JSON.stringify({
    signedIn: signedIn.response.status,
    stored: stored.data?.events,
    tries: page?.tries.length,
    told: told?.told,
    refused: refused.error?.message,
  }),
);
