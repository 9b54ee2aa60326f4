import 'reflect-metadata';
import { eventDiscriminator, orNull } from '@dotting/contract';
import type { INestApplication } from '@nestjs/common';
import { DocumentBuilder, SwaggerModule, type OpenAPIObject } from '@nestjs/swagger';
import { defaultMetadataStorage } from 'class-transformer/cjs/storage.js';
import { validationMetadatasToSchemas } from 'class-validator-jsonschema';

type Schemas = NonNullable<NonNullable<OpenAPIObject['components']>['schemas']>;

const refTo = (name: string) => `#/components/schemas/${name}`;

/** An event is one of its kinds; the contract's base class only holds what they share. */
const anyEvent = {
  oneOf: eventDiscriminator.discriminator.subTypes.map(({ value }) => ({ $ref: refTo(value.name) })),
  discriminator: {
    propertyName: eventDiscriminator.discriminator.property,
    mapping: Object.fromEntries(
      eventDiscriminator.discriminator.subTypes.map(({ name, value }) => [name, refTo(value.name)]),
    ),
  },
};

/** Serves the API's description at /api/docs, its shapes drawn from the contract's own validators. */
export function describeApi(app: INestApplication): void {
  SwaggerModule.setup('api/docs', app, () => apiDocument(app), { jsonDocumentUrl: 'api/openapi.json' });
}

export function apiDocument(app: INestApplication): OpenAPIObject {
  const about = new DocumentBuilder()
    .setTitle('Dotting')
    .setDescription('How a child counts: who is due, what was recorded, what it shows.')
    .addCookieAuth('dotting_device')
    .build();
  const document = SwaggerModule.createDocument(app, about);
  const shapes = validationMetadatasToSchemas({
    classTransformerMetadataStorage: defaultMetadataStorage,
    refPointerPrefix: '#/components/schemas/',
    additionalConverters: {
      conditionalValidation: (meta) => (meta.context === orNull ? { nullable: true } : {}),
    },
  });
  const schemas = { ...document.components?.schemas, ...(shapes as Schemas), EventBody: anyEvent };
  return { ...document, components: { ...document.components, schemas } };
}
