import 'reflect-metadata';
import { orNull, ruleSchemas } from '@dotting/contract';
import { defaultMetadataStorage } from 'class-transformer/cjs/storage.js';
import { validationMetadatasToSchemas } from 'class-validator-jsonschema';

/** The contract’s classes as schemas, drawn from its own validators; what may be left out is only marked so. */
export const contractShapes = (refPointerPrefix: string): Readonly<Record<string, object>> =>
  validationMetadatasToSchemas({
    classTransformerMetadataStorage: defaultMetadataStorage,
    refPointerPrefix,
    additionalConverters: {
      ...Object.fromEntries([...ruleSchemas].map(([name, schema]) => [name, () => schema])),
      // Version 3.0 knows no type "null".
      isDefined: {},
      conditionalValidation: (meta) => (meta.context === orNull ? { nullable: true } : { [leftOut]: true }),
    },
  }) as Readonly<Record<string, object>>;

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
export function withLeftOut<Of>(schema: Of): Of {
  if (Array.isArray(schema)) return schema.map(withLeftOut) as Of;
  if (typeof schema !== 'object' || schema === null) return schema;
  if ('$ref' in schema && 'nullable' in schema)
    return { nullable: true, allOf: [{ $ref: schema.$ref }] } as Of;
  const { properties, required = [] } = schema as Schema;
  const there = Object.entries(properties ?? {}).flatMap(([name, one]) =>
    required.includes(name) || ('nullable' in one && !(leftOut in one)) ? [name] : [],
  );
  const rest = Object.entries(schema).filter(([key]) => key !== leftOut && key !== 'required');
  return {
    ...Object.fromEntries(rest.map(([key, one]) => [key, withLeftOut(one)])),
    ...(there.length > 0 && { required: there }),
  } as Of;
}
