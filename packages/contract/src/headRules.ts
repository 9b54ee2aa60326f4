import {
  ArrayMaxSize,
  Equals,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsString,
  IsUUID,
  Matches,
  Max,
  MaxLength,
  Min,
} from 'class-validator';
import type { HeadField } from './headFields.js';
import { said } from './said.js';
import { IsFilled, IsLanguageTag, IsMomentWithOffset, Maybe, OrNull } from './validators.js';

/** The rules for a field, in the order in which they are asked. */
export function rulesOf(field: HeadField): readonly PropertyDecorator[] {
  return field.isOptional ? [Maybe(), ...ruled(field)] : ruled(field);
}

function ruled(field: HeadField): readonly PropertyDecorator[] {
  switch (field.kind) {
    case 'id':
      return [IsUUID()];
    case 'moment':
      return [IsMomentWithOffset()];
    case 'task':
      return [Matches(/^[a-z][a-z-]{1,39}$/, { message: said((words) => words.invalid.task()) })];
    case 'language':
      return [IsLanguageTag()];
    case 'sign':
      return [IsIn([1, -1])];
    case 'yes-no':
      return [IsBoolean()];
    case 'mark':
      return [Equals(true)];
    case 'number':
      return [IsInt(), Min(field.from), Max(field.to)];
    case 'text':
      return [IsString(), IsFilled(), MaxLength(field.most)];
    case 'one-of':
    case 'one-of-numbers':
      return [IsIn(field.of)];
    case 'one-of-or-null':
      return [OrNull(), IsIn(field.of)];
    case 'several-of':
      return [IsArray(), ArrayMaxSize(field.of.length), IsIn(field.of, { each: true })];
  }
}
