import { writingWays, type InkStroke, type TraceId, type WritingWay } from '@dotting/core';
import { Type } from 'class-transformer';
import { IsArray, IsIn, IsInt, IsUUID, ValidateNested } from 'class-validator';
import { IsDay, IsMomentWithOffset, IsStroke } from './validators.js';

/** A numeral as a child wrote it. */
export class WrittenNumeral {
  @IsUUID()
  try: TraceId;
  /** The number that it was to be. */
  @IsInt()
  n: number;
  @IsIn(writingWays)
  way: WritingWay;
  @IsMomentWithOffset()
  startedAt: string;
  @IsDay()
  day: string;
  /** x and y in thousandths of the space between the lines, t in ms of the try. */
  @IsArray()
  @IsStroke({ each: true })
  strokes: readonly InkStroke[];
}

/** All that a child has written, oldest first. */
export class InkView {
  @ValidateNested({ each: true })
  @Type(() => WrittenNumeral)
  numerals: WrittenNumeral[];
}
