import { Type } from 'class-transformer';
import { IsArray, IsIn, IsInt, IsString, IsUUID, ValidateNested } from 'class-validator';
import { Maybe } from './validators.js';

export class FieldRefusal {
  /** Path of the field, as "events.3.item". */
  @IsString()
  field: string;
  @IsString()
  message: string;
}

/** A nursery to choose. */
export class SiteChoice {
  @IsUUID()
  id: string;
  @IsString()
  name: string;
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
  /** What has to be there first, where that is the reason: the device signed in, or an adult at it. */
  @Maybe()
  @IsIn(['device', 'adult'])
  needs?: 'device' | 'adult';
  /** Which there are to choose from, where one has to be chosen. */
  @Maybe()
  @ValidateNested({ each: true })
  @Type(() => SiteChoice)
  sites?: SiteChoice[];
}
