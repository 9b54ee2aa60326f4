import {
  needs,
  skills,
  type ChildId,
  type DotForm,
  type Need,
  type Skill,
  type TaskId,
  type TraceId,
} from '@dotting/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayNotEmpty,
  ArrayUnique,
  IsArray,
  IsBoolean,
  IsDefined,
  IsIn,
  IsInt,
  IsNotEmpty,
  IsOptional,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { StoredTry, TraySetBody } from './tries.js';
import { SittingClosingView } from './sittings.js';
import { IsDay, IsLanguageTag, IsNotToCome, OrNull } from './validators.js';

export const hands = ['left', 'right'] as const;
export type Hand = (typeof hands)[number];

/** What the register shows of a child. */
export class RegisterEntry {
  @IsUUID()
  id: ChildId;
  @IsString()
  firstName: string;
  @IsString()
  lastName: string;
  /** Tag of the language the child usually counts in. */
  @IsLanguageTag()
  language: string;
  /** Day of the last look; null where nobody has looked. */
  @OrNull()
  @IsDay()
  lastLook: string | null;
}

/** A child who is due, and for what. */
export class DueEntry {
  @IsUUID()
  childId: ChildId;
  @IsIn(skills)
  skill: Skill;
  @OrNull()
  @IsDay()
  skillLastLook: string | null;
  @IsString()
  title: string;
  @IsString()
  why: string;
}

/** A try that was begun and never ended. */
export class UnfinishedTry {
  @IsUUID()
  id: TraceId;
  @IsUUID()
  childId: ChildId;
  @IsString()
  recorder: string;
  @IsString()
  startedAt: string;
  @IsString()
  title: string;
}

/** One of two records that may be of the same try. */
export class DoubledTry {
  @IsUUID()
  id: TraceId;
  @IsString()
  recorder: string;
  @IsString()
  startedAt: string;
  @IsString()
  told: string;
}

/** Two records of one child that overlap, of the same task and number: one try or two? */
export class DoubleView {
  @IsUUID()
  childId: ChildId;
  @IsString()
  title: string;
  @ValidateNested({ each: true })
  @Type(() => DoubledTry)
  tries: DoubledTry[];
}

/** The answer to "the same try?". */
export class DoubleAnswer {
  @IsUUID()
  other: TraceId;
  /** The one that counts, where they are the same; null where they are two. */
  @OrNull()
  @IsUUID()
  counts: TraceId | null;
}

export class TodayView {
  @IsDay()
  day: string;
  @ValidateNested({ each: true })
  @Type(() => RegisterEntry)
  register: RegisterEntry[];
  @ValidateNested({ each: true })
  @Type(() => DueEntry)
  due: DueEntry[];
  @ValidateNested({ each: true })
  @Type(() => UnfinishedTry)
  unfinished: UnfinishedTry[];
  @ValidateNested({ each: true })
  @Type(() => DoubleView)
  doubles: DoubleView[];
}

export class ChildView {
  @IsUUID()
  id: ChildId;
  @IsUUID()
  roomId: string;
  @IsString()
  firstName: string;
  @IsString()
  lastName: string;
  @OrNull()
  @IsDay()
  birthDate: string | null;
  /** Null until someone has said. */
  @OrNull()
  @IsBoolean()
  mouths: boolean | null;
  @OrNull()
  @IsIn(hands)
  hand: Hand | null;
  @IsString()
  allergies: string;
  /** Tags of the languages the child counts in, the usual one first. */
  @ArrayNotEmpty()
  @IsLanguageTag({ each: true })
  languages: string[];
  @IsIn(needs, { each: true })
  needs: Need[];
}

/** What an adult may put right about a child; what is absent stays as it is. */
export class ChildChange {
  @IsOptional()
  @IsString()
  @IsNotEmpty({ message: 'Enter the first name.' })
  @MaxLength(60)
  firstName?: string;
  @IsOptional()
  @OrNull()
  @IsDay({ message: 'Enter the birth date as a day of the calendar, or leave it empty.' })
  @IsNotToCome({ message: 'This birth date is still to come: check the year.' })
  birthDate?: string | null;
  @IsOptional()
  @OrNull()
  @IsBoolean()
  mouths?: boolean | null;
  @IsOptional()
  @OrNull()
  @IsIn(hands)
  hand?: Hand | null;
  @IsOptional()
  @IsString()
  @MaxLength(200, { message: 'Keep allergies under 200 letters.' })
  allergies?: string;
  @IsOptional()
  @IsArray()
  @ArrayNotEmpty({ message: 'Choose at least one language.' })
  @ArrayMaxSize(4, { message: 'Choose at most four languages.' })
  @ArrayUnique({ message: 'Each language once.' })
  @IsLanguageTag({ each: true })
  languages?: string[];
  @IsOptional()
  @IsArray()
  @ArrayUnique()
  @IsIn(needs, { each: true })
  needs?: Need[];
}

export const dotForms = ['full', 'half', 'ring', 'speck'] as const satisfies readonly DotForm[];

export class DotView {
  @IsInt()
  @Min(0)
  @Max(1000)
  n: number;
  @IsIn(dotForms)
  form: DotForm;
  @IsUUID('all', { each: true })
  tries: TraceId[];
}

export class DotLineView {
  @IsIn(skills)
  skill: Skill;
  @ValidateNested({ each: true })
  @Type(() => DotView)
  dots: DotView[];
}

export class NextStepView {
  @IsString()
  task: TaskId;
  @IsDefined()
  @ValidateNested()
  @Type(() => TraySetBody)
  set: TraySetBody;
  @IsString()
  title: string;
  @IsString()
  why: string;
  @IsUUID('all', { each: true })
  tries: TraceId[];
}

/** One try in a line: what was put, what was read. */
export class TrySummary {
  @IsUUID()
  id: TraceId;
  @IsString()
  startedAt: string;
  @IsString()
  task: string;
  @IsString()
  title: string;
  @IsString()
  recorder: string;
  @IsString()
  told: string;
}

export class ChildPage {
  @ValidateNested()
  @Type(() => ChildView)
  child: ChildView;
  @ValidateNested({ each: true })
  @Type(() => DotLineView)
  lines: DotLineView[];
  @ValidateNested()
  @Type(() => NextStepView)
  next: NextStepView;
  /** Newest first. */
  @ValidateNested({ each: true })
  @Type(() => TrySummary)
  tries: TrySummary[];
  /** Whole tries of the last weeks, oldest first: what the choice of a question needs, without a network too. */
  @ValidateNested({ each: true })
  @Type(() => StoredTry)
  recent: StoredTry[];
  /** How the last sittings were closed, newest first. */
  @ValidateNested({ each: true })
  @Type(() => SittingClosingView)
  closings: SittingClosingView[];
  /** Tasks the child has met; every other is a new routine. */
  @IsString({ each: true })
  metTasks: string[];
}
