import type { ChildId, SittingId, StaffId } from '@dotting/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsInt,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { mostRevisions } from './events.js';
import { IsMomentWithOffset, IsFilled } from './validators.js';
import { said } from './said.js';

/** What a sitting changed: as it was worked out, and in the adult's words. */
export class ClosingLine {
  @IsString()
  @MaxLength(400)
  told: string;

  @IsString()
  @IsFilled({ message: said((words) => words.invalid.emptyLine()) })
  @MaxLength(400, { message: said((words) => words.invalid.lineLong()) })
  words: string;
}

/** How an adult closed a sitting. Sent again, an older revision changes nothing. */
export class PutClosing {
  @IsUUID()
  childId: ChildId;

  @IsUUID()
  recordedBy: StaffId;

  @IsUUID()
  presence: string;

  @IsMomentWithOffset()
  closedAt: string;

  @IsInt()
  @Min(0)
  @Max(mostRevisions)
  revision: number;

  @IsArray()
  @ArrayMaxSize(30)
  @ValidateNested({ each: true })
  @Type(() => ClosingLine)
  changed: ClosingLine[];

  @IsArray()
  @ArrayMaxSize(30)
  @IsString({ each: true })
  @MaxLength(400, { each: true })
  open: string[];

  @IsString()
  @MaxLength(1000, { message: said((words) => words.invalid.noteLong()) })
  note: string;
}

export class SittingClosingView {
  @IsUUID()
  id: SittingId;
  @IsString()
  recorder: string;
  @IsMomentWithOffset()
  closedAt: string;
  @ValidateNested({ each: true })
  @Type(() => ClosingLine)
  changed: ClosingLine[];
  @IsString({ each: true })
  open: string[];
  @IsString()
  note: string;
}
