import 'reflect-metadata';
import { eventDiscriminator, happeningDiscriminator, orNull, ruleSchemas } from '@dotting/contract';
import type { INestApplication } from '@nestjs/common';
import { DocumentBuilder, SwaggerModule, type OpenAPIObject } from '@nestjs/swagger';
import { defaultMetadataStorage } from 'class-transformer/cjs/storage.js';
import { validationMetadatasToSchemas } from 'class-validator-jsonschema';
import { deviceCookie, stayCookie } from '../devices/device.guard.js';
import { guarded, operationId } from './operations.js';

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
  const shapes = validationMetadatasToSchemas({
    classTransformerMetadataStorage: defaultMetadataStorage,
    refPointerPrefix: '#/components/schemas/',
    additionalConverters: {
      ...Object.fromEntries([...ruleSchemas].map(([name, schema]) => [name, () => schema])),
      // Version 3.0 knows no type "null".
      isDefined: {},
      conditionalValidation: (meta) => (meta.context === orNull ? { nullable: true } : { [leftOut]: true }),
    },
  });
  const schemas = {
    ...document.components?.schemas,
    ...(shapes as Schemas),
    EventBody: oneOfKinds(eventDiscriminator),
    HappeningBody: oneOfKinds(happeningDiscriminator),
  };
  return {
    ...document,
    paths: guarded(app, document.paths),
    components: { ...document.components, schemas: withNull(schemas) },
  };
}

/** Marks what may be left out until that is said where it belongs. */
const leftOut = 'x-left-out';

interface Schema {
  readonly properties?: Readonly<Record<string, object>>;
  readonly required?: readonly string[];
}

/**
 * A field that may be null is there all the same, unless it may be left out too; and a reference that may be null
 * stands within, since what stands beside one is not read.
 */
function withNull<Of>(schema: Of): Of {
  if (Array.isArray(schema)) return schema.map(withNull) as Of;
  if (typeof schema !== 'object' || schema === null) return schema;
  if ('$ref' in schema && 'nullable' in schema)
    return { nullable: true, allOf: [{ $ref: schema.$ref }] } as Of;
  const { properties, required = [] } = schema as Schema;
  const there = Object.entries(properties ?? {}).flatMap(([name, one]) =>
    required.includes(name) || ('nullable' in one && !(leftOut in one)) ? [name] : [],
  );
  const rest = Object.entries(schema).filter(([key]) => key !== leftOut && key !== 'required');
  return {
    ...Object.fromEntries(rest.map(([key, one]) => [key, withNull(one)])),
    ...(there.length > 0 && { required: there }),
  } as Of;
}
