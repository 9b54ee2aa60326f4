import { execFile } from 'node:child_process';
import { mkdir, readFile, rm, writeFile } from 'node:fs/promises';
import path from 'node:path';
import { promisify } from 'node:util';
import type { OpenAPIObject } from '@nestjs/swagger';
import { transform } from '@swc/core';
import { apiDocument } from '../src/openApi/document.js';
import { routesOf } from '../src/openApi/operations.js';
import { code, openNursery, password, type Nursery, type TestSite } from './nursery.js';

const run = promisify(execFile);
const root = path.resolve(__dirname, '../../..');
const made = path.resolve(__dirname, '../.made');

let nursery: Nursery;
let site: TestSite;
let document: OpenAPIObject;

beforeAll(async () => {
  nursery = await openNursery();
  site = await nursery.addSite('towpath');
  document = apiDocument(nursery.app);
  await rm(made, { recursive: true, force: true });
  await mkdir(made);
});

afterAll(() => nursery.close());

interface Operation {
  readonly operationId: string;
  readonly summary?: string;
  readonly parameters?: readonly { readonly name: string; readonly in: string }[];
  readonly security?: readonly object[];
  readonly responses: Readonly<Record<string, { readonly content?: object }>>;
}

const operations = (): readonly (readonly [address: string, Operation])[] =>
  Object.entries(document.paths).flatMap(([path, item]) =>
    Object.entries(item as Record<string, Operation>).map(
      ([method, operation]) => [`${method} ${path}`, operation] as const,
    ),
  );

describe('the API’s description', () => {
  test('has the shape of every request and answer, with what may be null said so', () => {
    const schemas = document.components!.schemas as Record<
      string,
      { properties: Record<string, object>; required?: string[]; oneOf?: object[] }
    >;
    expect(schemas['PutTry']!.properties['ended']).toMatchObject({ nullable: true });
    expect(schemas['Here']!.properties['adult']).toEqual({
      nullable: true,
      allOf: [{ $ref: '#/components/schemas/PresentAdult' }],
    });
    expect(schemas['Here']!.required).toContain('adult');
    expect(schemas['ChildChange']!.required).toBeUndefined();
    expect(schemas['EventBody']!.oneOf).toHaveLength(13);
    const referred = [...JSON.stringify(document).matchAll(/#\/components\/schemas\/(\w+)/g)];
    expect(referred.length).toBeGreaterThan(100);
    for (const [, name] of referred) expect(Object.keys(schemas)).toContain(name);
  });

  test('tells of every route what it does, how it answers, and how it refuses', () => {
    const routes = routesOf(nursery.app);
    expect(
      operations()
        .map(([, { operationId }]) => operationId)
        .toSorted(),
    ).toEqual([...routes.keys()].toSorted());
    for (const [address, { operationId, summary, parameters, responses }] of operations()) {
      expect([address, summary]).toEqual([address, expect.stringMatching(/^\p{Lu}.{10,}[^.]$/u)]);
      const well = Object.keys(responses).filter((status) => status.startsWith('2'));
      expect([address, well]).toEqual([address, [String(routes.get(operationId)!.status)]]);
      const answers = well[0] !== '204';
      expect([address, responses[well[0]!]!.content !== undefined]).toEqual([address, answers]);
      for (const [status, { content }] of Object.entries(responses))
        if (!status.startsWith('2'))
          expect(content).toEqual({
            'application/json': { schema: { $ref: '#/components/schemas/Refusal' } },
          });
      expect(responses).toHaveProperty('default');
      const inPath = (parameters ?? []).filter((one) => one.in === 'path').map(({ name }) => `{${name}}`);
      expect([address, inPath]).toEqual([address, address.match(/\{\w+\}/g) ?? []]);
    }
  });

  test('says what each route needs, as the guard asks for it', async () => {
    for (const [address, { security, responses }] of operations()) {
      const [method, path] = address.split(' ') as [string, string];
      const { statusCode } = await nursery.app.inject({
        method: method.toUpperCase() as 'GET',
        url: path.replaceAll(/\{\w+\}/g, site.childId),
        ...(method !== 'get' && method !== 'delete' && { payload: {} }),
      });
      const isOpen = security?.length === 0;
      expect([address, isOpen || statusCode === 401]).toEqual([address, true]);
      expect([address, isOpen || '401' in responses]).toEqual([address, true]);
    }
  });

  test('numbers each request, whatever number the caller gives it', async () => {
    const numberOf = async (): Promise<unknown> => {
      const headers = { 'x-request-id': 'mine' };
      return (await nursery.app.inject({ url: '/api/health', headers })).headers['x-request-id'];
    };
    const numbers = [await numberOf(), await numberOf()];
    for (const number of numbers) expect(number).toMatch(/^[\da-f-]{36}$/);
    expect(numbers[0]).not.toBe(numbers[1]);
  });

  test('is enough to make a client from that signs in, reads a child and stores a try', async () => {
    await writeFile(path.join(made, 'openapi.json'), JSON.stringify(document));
    const node = (...args: string[]) => run(process.execPath, args, { cwd: __dirname });
    await node(
      path.join(root, 'apps/server/node_modules/openapi-typescript/bin/cli.js'),
      path.join(made, 'openapi.json'),
      '-o',
      path.join(made, 'api.d.ts'),
    );
    await node(path.join(root, 'node_modules/typescript7/bin/tsc'), '-p', 'client');
    const source = await readFile(path.join(__dirname, 'client/client.ts'), 'utf8');
    const { code: plain } = await transform(source, {
      swcrc: false,
      jsc: { target: 'es2022', parser: { syntax: 'typescript' } },
    });
    const program = path.join(made, 'client.mjs');
    await writeFile(program, plain);
    await nursery.app.listen(0, '127.0.0.1');
    const given = { url: await nursery.app.getUrl(), email: site.staff.lead.email, password, code };
    const { stdout } = await node(program, JSON.stringify(given));
    expect(JSON.parse(stdout)).toEqual({
      signedIn: 204,
      stored: 2,
      tries: 1,
      told: 'One word and one touch for each of 2 corks. Words in order to 2.',
      refused: 'There is no such child here.',
    });
  });
});
