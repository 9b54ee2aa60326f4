import 'reflect-metadata';
import { eventDiscriminator, happeningDiscriminator } from '@dotting/contract';
import type { INestApplication } from '@nestjs/common';
import { DocumentBuilder, SwaggerModule, type OpenAPIObject } from '@nestjs/swagger';
import { stayCookie } from '../devices/device.guard.js';
import { deviceCookie } from '../devices/deviceCookie.js';
import { guarded, operationId } from './operations.js';
import { contractShapes, withLeftOut } from './shapes.js';

type Schemas = NonNullable<NonNullable<OpenAPIObject['components']>['schemas']>;

const refTo = (name: string) => `#/components/schemas/${name}`;

/** An event is one of its kinds; the contract's base class only holds what they share. */
const oneOfKinds = ({ discriminator }: Pick<typeof eventDiscriminator, 'discriminator'>) => ({
  oneOf: discriminator.subTypes.map(({ value }) => ({ $ref: refTo(value.name) })),
  discriminator: {
    propertyName: discriminator.property,
    mapping: Object.fromEntries(discriminator.subTypes.map(({ name, value }) => [name, refTo(value.name)])),
  },
});

/** Serves the API's description at /api/docs, its shapes drawn from the contract's own validators. */
export function describeApi(app: INestApplication): void {
  SwaggerModule.setup('api/docs', app, () => apiDocument(app), { jsonDocumentUrl: 'api/openapi.json' });
}

export function apiDocument(app: INestApplication): OpenAPIObject {
  const about = new DocumentBuilder()
    .setTitle('Dotting')
    .setDescription('How a child counts: who is due, what was recorded, what it shows.')
    .addServer('/', 'where this document was fetched')
    .addCookieAuth(deviceCookie, { type: 'apiKey', description: 'a device that is signed in' }, 'device')
    .addCookieAuth(stayCookie, { type: 'apiKey', description: 'an adult at the device' }, 'adult')
    .build();
  const document = SwaggerModule.createDocument(app, about, { operationIdFactory: operationId });
  const schemas = {
    ...document.components?.schemas,
    ...(contractShapes('#/components/schemas/') as Schemas),
    EventBody: oneOfKinds(eventDiscriminator),
    HappeningBody: oneOfKinds(happeningDiscriminator),
  };
  return {
    ...document,
    paths: guarded(app, document.paths),
    components: { ...document.components, schemas: withLeftOut(schemas) },
  };
}
