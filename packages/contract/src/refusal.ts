import { Type } from 'class-transformer';
import { IsArray, IsInt, IsString, ValidateNested } from 'class-validator';

export class FieldRefusal {
  /** Path of the field, as "events.3.item". */
  @IsString()
  field: string;
  @IsString()
  message: string;
}

/** Every answer of 4xx and 5xx: a sentence that says what is wrong and what to do. */
export class Refusal {
  @IsInt()
  statusCode: number;
  @IsString()
  message: string;
  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => FieldRefusal)
  fields: FieldRefusal[];
}
