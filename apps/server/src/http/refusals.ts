import type { FieldRefusal, Refusal } from '@dotting/contract';
import { HttpException, HttpStatus, type ValidationError } from '@nestjs/common';
import { spoken } from '../wording/spoken.js';

/** A 4xx with a sentence for the reader and, where fields are to blame, each by its path. */
export class RefusedException extends HttpException {
  constructor(
    status: HttpStatus,
    message: string,
    readonly fields: FieldRefusal[] = [],
    /** What has to be there before this is answered, or what there is to choose from. */
    readonly more: Pick<Refusal, 'needs' | 'sites'> = {},
  ) {
    super(message, status);
  }
}

/** What a request may ask for in vain. */
export type Missing =
  | 'adult'
  | 'aside'
  | 'child'
  | 'childSide'
  | 'device'
  | 'groupTime'
  | 'language'
  | 'pair'
  | 'photo'
  | 'room'
  | 'task'
  | 'things'
  | 'try';

export const notFound = (what: Missing): RefusedException =>
  new RefusedException(HttpStatus.NOT_FOUND, spoken().refusals.notFound[what]());

/** A request that wants a device signed in, or an adult at it. */
export const nobodyThere = (needs: NonNullable<Refusal['needs']>): RefusedException =>
  needs === 'device'
    ? new RefusedException(HttpStatus.UNAUTHORIZED, spoken().refusals.noDevice(), [], { needs })
    : new RefusedException(HttpStatus.FORBIDDEN, spoken().refusals.noAdult(), [], { needs });

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
  return new RefusedException(
    HttpStatus.BAD_REQUEST,
    spoken().refusals.fields({
      field: first?.field ?? '',
      message: first?.message ?? '',
      more: fields.length - 1,
    }),
    fields,
  );
}

function fieldsOf(error: ValidationError, parent: string): FieldRefusal[] {
  const field = parent === '' ? error.property : `${parent}.${error.property}`;
  const own = Object.values(error.constraints ?? {}).map((message) => ({ field, message }));
  return [...own, ...(error.children ?? []).flatMap((child) => fieldsOf(child, field))];
}
