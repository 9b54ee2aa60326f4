import { randomUUID } from 'node:crypto';
import type { Random } from '@dotting/core/workings';

export type Schema = Readonly<Record<string, unknown>>;
type Schemas = Readonly<Record<string, Schema>>;

export const pick = <One>(random: Random, from: readonly One[]): One =>
  from[Math.floor(random() * from.length)]!;

const words = ['cork', 'en', 'row', 'Ottilie', 'because', 'count-row', 'wilma@sluice.example'];
const dates = ['2026-03-02T09:30:00.000+01:00', '2026-03-02', '2022-05-01'];

/** A body as the schema asks for one: by lot, not beyond the third list in a list. */
export function bodyFor(schema: Schema, schemas: Schemas, random: Random, depth = 0): unknown {
  const ref = schema['$ref'] as string | undefined;
  if (ref) return bodyFor(schemas[ref.split('/').at(-1)!]!, schemas, random, depth + 1);
  const choices = (schema['oneOf'] ?? schema['anyOf'] ?? schema['allOf']) as readonly Schema[] | undefined;
  if (choices) return bodyFor(pick(random, choices), schemas, random, depth + 1);
  const { enum: options, nullable } = schema as { enum?: readonly unknown[]; nullable?: boolean };
  if (nullable && random() < 0.2) return null;
  if (options) return pick(random, options);
  switch (schema['type']) {
    case 'object':
      return objectFor(schema, schemas, random, depth);
    case 'array': {
      const items = (schema['items'] ?? {}) as Schema;
      const length = depth > 6 ? 0 : Math.floor(random() * 4);
      return Array.from({ length }, () => bodyFor(items, schemas, random, depth + 1));
    }
    case 'integer':
    case 'number': {
      const { minimum = 0, maximum = 20 } = schema as { minimum?: number; maximum?: number };
      return minimum + Math.floor(random() * (Math.min(maximum, minimum + 30) - minimum + 1));
    }
    case 'boolean':
      return random() < 0.5;
    case 'string':
      if (schema['format'] === 'uuid') return randomUUID();
      return pick(random, schema['format'] ? dates : [...words, ...dates]);
    default:
      return pick(random, [1, 'cork', true, null]);
  }
}

function objectFor(schema: Schema, schemas: Schemas, random: Random, depth: number): unknown {
  const { properties = {}, required = [] } = schema as {
    properties?: Readonly<Record<string, Schema>>;
    required?: readonly string[];
  };
  const given = Object.entries(properties).filter(([name]) => required.includes(name) || random() < 0.5);
  return Object.fromEntries(given.map(([name, one]) => [name, bodyFor(one, schemas, random, depth + 1)]));
}

/** What nobody who means well sends. */
const oddities: readonly (() => unknown)[] = [
  () => null,
  () => undefined,
  () => '',
  () => '   ',
  () => -1,
  () => 2 ** 31,
  () => 2 ** 53,
  () => 1e308,
  () => 0.5,
  () => [],
  () => ({}),
  () => [null],
  () => [[[[[[[[[[[[]]]]]]]]]]]],
  () => 'x'.repeat(20_000),
  () => '\uD83D',
  () => 'a\u0000b',
  () => '\u202Egnp.exe',
  () => '=1+1',
  () => '0000-00-00',
  () => '1970-01-01T00:00:00Z',
  () => '9999-12-31T23:59:59+14:00',
  () => randomUUID().toUpperCase(),
  () => '../../etc/passwd',
  () => Array.from({ length: 3_000 }, (_, i) => i),
  () => ({ __proto__: null, constructor: { prototype: {} } }),
  () => true,
];

/** The same with an oddity in place of one of its parts, or of a part beside them. */
export function spoilt(body: unknown, random: Random): unknown {
  const odd = pick(random, oddities)();
  if (typeof body !== 'object' || body === null || random() < 0.1) return odd;
  const entries = Object.entries(body);
  if (entries.length === 0) return { ...body, [pick(random, ['id', 'extra', '__proto__'])]: odd };
  const [name, value] = pick(random, entries);
  const put = random() < 0.5 ? odd : spoilt(value, random);
  if (Array.isArray(body)) return body.map((one: unknown, i) => (String(i) === name ? put : one));
  return { ...body, [name]: put };
}
