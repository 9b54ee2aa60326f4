import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsInt,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { DotPatternBody } from './layout.js';
import { IsFilled, OrNull } from './validators.js';

const longestShownMs = 60_000;

/** What the other screen is to show, told by the adult’s device: nothing, or patterns, for a moment or until told otherwise. */
export class ShowBody {
  /** Goes up with each. */
  @IsInt()
  @Min(1)
  @Max(1_000_000)
  id: number;

  @IsArray()
  @ArrayMaxSize(2)
  @ValidateNested({ each: true })
  @Type(() => DotPatternBody)
  patterns: readonly DotPatternBody[];

  /** Null for as long as nothing else is told. */
  @OrNull()
  @IsInt()
  @Min(100)
  @Max(5_000)
  ms: number | null;
}

/** For how long it stood there in truth, as the other screen measured it. */
export class ShownBody {
  @IsInt()
  @Min(1)
  @Max(1_000_000)
  id: number;

  @IsInt()
  @Min(0)
  @Max(longestShownMs)
  ms: number;
}

/** The word that pairs two devices. */
export class SideWord {
  @IsString()
  @IsFilled()
  @MaxLength(30)
  word: string;
}

/** The child’s side as the adult’s device knows it. */
export class SideView {
  @IsUUID()
  id: string;
  /** To be typed at the other device, once. */
  @IsString()
  word: string;
}

/** What the child’s side is told; null where there is nothing new. */
export class ToldView {
  @OrNull()
  @ValidateNested()
  @Type(() => ShowBody)
  show: ShowBody | null;
}

/** What the adult’s device hears of the child’s side. */
export class HeardView {
  /** Goes up with each change: ask again after it. */
  @IsInt()
  at: number;
  @IsBoolean()
  isThere: boolean;
  @OrNull()
  @ValidateNested()
  @Type(() => ShownBody)
  shown: ShownBody | null;
}
