import { RequestMethod, type INestApplication, type Type } from '@nestjs/common';
import { HTTP_CODE_METADATA, METHOD_METADATA } from '@nestjs/common/constants.js';
import { MetadataScanner, ModulesContainer } from '@nestjs/core';
import type { OpenAPIObject } from '@nestjs/swagger';
import { needsKey, type Needs } from '../common/present.js';
import { refusesKey } from '../http/described.js';

type Paths = OpenAPIObject['paths'];
type Operation = NonNullable<Paths[string]['get']>;

/** What the code says of a route. */
interface Route {
  /** Undefined: an adult of any role. */
  readonly needs: Needs | undefined;
  /** With which status it answers when all goes well. */
  readonly status: number;
}

/** "children.page": unlike any other, and short in a generated client. */
export const operationId = (controller: string, method: string): string =>
  `${controller.replace(/Controller$/, '').toLowerCase()}.${method}`;

/** Why a request can be refused, for whoever builds on the API. */
const refusals: Readonly<Record<number | 'default', string>> = {
  400: 'Something sent is wrong; each field is named',
  401: 'The device is not signed in, or the code or password is wrong',
  403: 'No adult is at the device, or not one whose role may',
  404: 'It is not there, or the adult does not see it',
  409: 'It cannot be true together with what is stored, or is asked to be confirmed',
  422: 'A record that cannot be',
  429: 'Too many wrong ones: wait as long as is said',
  503: 'The database does not answer',
  default: 'Any other refusal',
};

const refusal = (status: keyof typeof refusals) => ({
  description: refusals[status]!,
  content: { 'application/json': { schema: { $ref: '#/components/schemas/Refusal' } } },
});

/** Everything but a language is known by a UUID. */
const inPath = (name: string) => ({
  name,
  in: 'path' as const,
  required: true,
  schema: { type: 'string', ...(name !== 'tag' && { format: 'uuid' }) },
});

/** Each operation with what it needs and how it can be refused, as the guards and pipes have it. */
export function guarded(app: INestApplication, paths: Paths): Paths {
  const routes = routesOf(app);
  const described = (path: string, operation: Operation): Operation => {
    const { [refusesKey]: own = [], ...rest } = operation as Operation & { [refusesKey]?: readonly number[] };
    const needs = routes.get(operation.operationId!)!.needs;
    const isForAdults = needs === undefined || typeof needs !== 'string';
    const names = [...path.matchAll(/\{(\w+)\}/g)].map((found) => found[1]!);
    const takes = operation.requestBody !== undefined || (operation.parameters ?? []).length > 0;
    const statuses = [
      ...(takes ? [400] : []),
      ...(needs === 'nothing' ? [] : [401]),
      ...(isForAdults ? [403] : []),
      ...(names.length > 0 ? [404] : []),
      ...own,
    ];
    return {
      ...rest,
      // A branded id is no class that could be looked up.
      parameters: [
        ...(operation.parameters ?? []).filter((one) => !('in' in one && one.in === 'path')),
        ...names.map((name) => inPath(name)),
      ],
      security: needs === 'nothing' ? [] : [isForAdults ? { device: [], adult: [] } : { device: [] }],
      responses: {
        ...operation.responses,
        ...Object.fromEntries(statuses.map((status) => [status, refusal(status)])),
        default: refusal('default'),
      },
    };
  };
  return Object.fromEntries(
    Object.entries(paths).map(([path, item]) => [
      path,
      Object.fromEntries(
        Object.entries(item as Record<string, Operation>).map(([method, operation]) => [
          method,
          described(path, operation),
        ]),
      ),
    ]),
  );
}

/** Every route by its operation's id, read from the controllers themselves. */
export function routesOf(app: INestApplication): ReadonlyMap<string, Route> {
  const scanner = new MetadataScanner();
  const controllers = [...app.get(ModulesContainer).values()].flatMap((module) =>
    [...module.controllers.values()].flatMap(({ metatype }) => (metatype ? [metatype as Type] : [])),
  );
  return new Map(
    controllers.flatMap((controller) =>
      scanner.getAllMethodNames(controller.prototype).flatMap((name): [string, Route][] => {
        const handler = controller.prototype[name] as object;
        const method = Reflect.getMetadata(METHOD_METADATA, handler) as RequestMethod | undefined;
        if (method === undefined) return [];
        const needs = (Reflect.getMetadata(needsKey, handler) ??
          Reflect.getMetadata(needsKey, controller)) as Needs | undefined;
        const usual = method === RequestMethod.POST ? 201 : 200;
        const status = (Reflect.getMetadata(HTTP_CODE_METADATA, handler) as number | undefined) ?? usual;
        return [[operationId(controller.name, name), { needs, status }]];
      }),
    ),
  );
}
