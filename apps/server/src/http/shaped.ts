import { ValidationPipe, type ArgumentMetadata } from '@nestjs/common';
import { refusedFields } from './refusals.js';

/** Holds what is sent against the contract’s shapes. */
export const shapes = new ValidationPipe({
  transform: true,
  whitelist: true,
  forbidNonWhitelisted: true,
  exceptionFactory: refusedFields,
});

/**
 * Something kept in the shape of a request, as the request would be taken.
 * @throws RefusedException by the field where it would not
 */
export async function shaped<Body extends object>(shape: new () => Body, value: object): Promise<Body> {
  const about: ArgumentMetadata = { type: 'body', metatype: shape };
  return (await shapes.transform(value, about)) as Body;
}
