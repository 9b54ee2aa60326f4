import { puppetSlips, type Bowl, type Item, type PuppetSlip } from '@dotting/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNotEmpty,
  IsOptional,
  IsString,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';

/** No count that is played has more words than this. */
const mostPlayed = 40;
const longestPlayMs = 120_000;

export class PuppetBody {
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(mostPlayed)
  @IsInt({ each: true })
  @Min(0, { each: true })
  @Max(1000, { each: true })
  words: readonly number[];

  @IsArray()
  @ArrayMaxSize(mostPlayed)
  @IsInt({ each: true })
  @Min(0, { each: true })
  @Max(99, { each: true })
  touches: readonly Item[];

  @IsIn(puppetSlips)
  slip: PuppetSlip;
}

export class BowlBody implements Bowl {
  @IsString()
  @IsNotEmpty()
  @MaxLength(40)
  things: string;

  @IsInt()
  @Min(0)
  @Max(100)
  n: number;
}

/** What was generated for a try, so that it can be laid and played again. */
export class LayoutBody {
  @IsOptional()
  @IsInt()
  @Min(0)
  @Max(2 ** 32 - 1)
  seed?: number;

  @IsOptional()
  @IsInt()
  @Min(0)
  @Max(7)
  turn?: number;

  @IsOptional()
  @IsBoolean()
  marked?: boolean;

  @IsOptional()
  @Matches(/^[a-z][a-z-]{0,39}$/, { message: 'way must be the id of one of the task’s ways' })
  way?: string;

  @IsOptional()
  @ValidateNested()
  @Type(() => PuppetBody)
  puppet?: PuppetBody;

  @IsOptional()
  @IsInt()
  @Min(1)
  @Max(100)
  places?: number;

  @IsOptional()
  @IsArray()
  @ArrayMaxSize(12)
  @ValidateNested({ each: true })
  @Type(() => BowlBody)
  bowls?: readonly BowlBody[];

  @IsOptional()
  @IsArray()
  @ArrayMaxSize(mostPlayed)
  @IsInt({ each: true })
  @Min(0, { each: true })
  @Max(longestPlayMs, { each: true })
  drops?: readonly number[];

  @IsOptional()
  @IsString()
  @IsNotEmpty()
  @MaxLength(40)
  model?: string;
}
