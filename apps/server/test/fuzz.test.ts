import { randomUUID } from 'node:crypto';
import { setFlagsFromString } from 'node:v8';
import { runInNewContext } from 'node:vm';
import type { OpenAPIObject } from '@nestjs/swagger';
import { seededRandom } from '@dotting/core';
import { apiDocument } from '../src/openApi/document.js';
import { bodyFor, pick, spoilt, type Schema } from './madeBodies.js';
import { openNursery, TestDevice, type Nursery, type TestSite } from './nursery.js';

/** So many bodies; more by command: FUZZ=10000 npm test -- fuzz. */
const bodies = Number(process.env['FUZZ'] ?? 2_000);
const seed = Number(process.env['SEED'] ?? 7);
const mostGrowthMb = 50;

setFlagsFromString('--expose-gc');
const collect = runInNewContext('gc') as () => void;
const heapMb = (): number => {
  collect();
  return process.memoryUsage().heapUsed / 1_048_576;
};

let nursery: Nursery;
let site: TestSite;
let lead: TestDevice;
let document: OpenAPIObject;

beforeAll(async () => {
  nursery = await openNursery();
  site = await nursery.addSite('fuzz');
  lead = new TestDevice(nursery.app);
  await lead.with(site.staff.lead);
  document = apiDocument(nursery.app);
});
afterAll(() => nursery.close());

interface Operation {
  readonly requestBody?: { readonly content: Readonly<Record<string, { readonly schema: Schema }>> };
}

/** What would end the lead’s own stay, or set up nurseries without end. */
const leftOut = /^(POST \/api\/(begin|device|adult)|DELETE \/api\/(device|adult))/;

const withBodies = () =>
  Object.entries(document.paths).flatMap(([path, item]) =>
    Object.entries(item as Record<string, Operation>).flatMap(([method, { requestBody }]) => {
      const schema = requestBody?.content['application/json']?.schema;
      const route = `${method.toUpperCase()} ${path}`;
      return schema && !leftOut.test(route) ? [{ method: method.toUpperCase(), path, schema }] : [];
    }),
  );

test('no body, however odd, breaks the server, and nothing of it stays in memory', async () => {
  const random = seededRandom(seed);
  const routes = withBodies();
  expect(routes.length).toBeGreaterThan(25);
  const schemas = document.components!.schemas as Readonly<Record<string, Schema>>;
  const statuses = new Map<number, number>();
  const broken: string[] = [];
  let before = 0;
  for (let i = 0; i < bodies; i++) {
    // What is kept for good, as code and tables, is there by then.
    if (i === Math.floor(bodies / 4)) before = heapMb();
    const { method, path, schema } = pick(random, routes);
    const url = path
      .replace('/api/', '')
      .replace(/(children\/)\{\w+\}/, `$1${site.childId}`)
      .replace(/(rooms\/)\{\w+\}/, `$1${site.roomId}`)
      .replace(/(adults\/)\{\w+\}/, `$1${site.staff.assistant.id}`)
      .replace(/\{tag\}/, 'xx')
      .replace(/\{\w+\}/g, randomUUID());
    const whole = bodyFor(schema, schemas, random);
    const body = random() < 0.3 ? whole : spoilt(whole, random);
    const text = JSON.stringify(body) ?? '';
    const { status } = await lead.ask(method as 'POST', url, text);
    statuses.set(status, (statuses.get(status) ?? 0) + 1);
    if (status >= 500) broken.push(`${status} ${method} ${path} ${text.slice(0, 300)}`);
  }
  expect(broken).toEqual([]);
  // The lead still is there, and bodies that fit were among them.
  expect((await lead.ask('GET', 'office')).status).toBe(200);
  expect((statuses.get(200) ?? 0) + (statuses.get(204) ?? 0) + (statuses.get(201) ?? 0)).toBeGreaterThan(20);
  expect(heapMb() - before).toBeLessThan(mostGrowthMb);
}, 600_000);
