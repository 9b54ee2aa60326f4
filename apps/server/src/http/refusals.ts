import type { FieldRefusal, Refusal } from '@dotting/contract';
import { HttpException, HttpStatus, type ValidationError } from '@nestjs/common';

/** A 4xx with a sentence for the reader and, where fields are to blame, each by its path. */
export class RefusedException extends HttpException {
  constructor(
    status: HttpStatus,
    message: string,
    readonly fields: FieldRefusal[] = [],
    /** What has to be there before this is answered. */
    readonly needs?: Refusal['needs'],
  ) {
    super(message, status);
  }
}

export const notFound = (what: string): RefusedException =>
  new RefusedException(HttpStatus.NOT_FOUND, `There is no such ${what} at this site.`);

/** A request that wants a device signed in, or an adult at it. */
export const nobodyThere = (needs: NonNullable<Refusal['needs']>): RefusedException =>
  needs === 'device'
    ? new RefusedException(
        HttpStatus.UNAUTHORIZED,
        'This device is not signed in. Sign it in first.',
        [],
        needs,
      )
    : new RefusedException(
        HttpStatus.FORBIDDEN,
        'Nobody is at this device. Come in with your code.',
        [],
        needs,
      );

export const forbidden = (message: string): RefusedException =>
  new RefusedException(HttpStatus.FORBIDDEN, message);

/** Two records that cannot both be true. */
export const clash = (message: string, field?: string): RefusedException =>
  new RefusedException(HttpStatus.CONFLICT, message, field === undefined ? [] : [{ field, message }]);

/** A trace that cannot be. */
export const impossible = (field: string, message: string): RefusedException =>
  new RefusedException(HttpStatus.UNPROCESSABLE_ENTITY, `${field}: ${message}`, [{ field, message }]);

/** class-validator's errors as one refusal, each field by its path. */
export function refusedFields(errors: readonly ValidationError[]): RefusedException {
  const fields = errors.flatMap((error) => fieldsOf(error, ''));
  const [first] = fields;
  const more = fields.length > 1 ? ` (and ${fields.length - 1} more)` : '';
  return new RefusedException(HttpStatus.BAD_REQUEST, `${first?.field}: ${first?.message}${more}`, fields);
}

function fieldsOf(error: ValidationError, parent: string): FieldRefusal[] {
  const field = parent === '' ? error.property : `${parent}.${error.property}`;
  const own = Object.values(error.constraints ?? {}).map((message) => ({ field, message }));
  return [...own, ...(error.children ?? []).flatMap((child) => fieldsOf(child, field))];
}
