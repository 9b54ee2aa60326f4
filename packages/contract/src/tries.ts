import {
  arrangements,
  cues,
  ruledOn,
  type Arrangement,
  type ChildId,
  type Cue,
  type RuledOn,
  type TraceId,
} from '@dotting/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsDefined,
  IsIn,
  IsInt,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import {
  EventBody,
  eventDiscriminator,
  happeningDiscriminator,
  mostEventsOfATry,
  mostRevisions,
  type HappeningEventBody,
  type TraceEventBody,
} from './events.js';
import { classOf } from './described.js';
import { LayoutBody } from './layout.js';
import { IsReason } from './reason.js';
import { IsMomentWithOffset, OrNull, Maybe, IsFilled } from './validators.js';
import { said } from './said.js';
import { headFieldNames, headFields, type HeadFields } from './headFields.js';
import { rulesOf } from './headRules.js';

export class TraySetBody {
  @IsInt()
  @Min(0)
  @Max(100)
  size: number;

  @IsString()
  @IsFilled()
  @MaxLength(40)
  things: string;

  @IsIn(arrangements)
  arrangement: Arrangement;

  @Maybe()
  @IsIn(cues)
  cue?: Cue;

  @Maybe()
  @IsInt()
  @Min(0)
  @Max(100)
  pile?: number;

  @Maybe()
  @ValidateNested()
  @Type(() => LayoutBody)
  layout?: LayoutBody;
}

/** All of a try but its events. */
export class TryHead extends classOf<HeadFields>(
  headFieldNames.map((name) => [name, rulesOf(headFields[name])]),
) {
  @IsDefined()
  @ValidateNested()
  @Type(() => TraySetBody)
  set: TraySetBody;
}

/**
 * Stores a try as far as it has gone: its head as it is now, and the events not yet acknowledged.
 * Sent again it changes nothing; a head of an older revision changes nothing either.
 */
export class PutTry extends TryHead {
  @IsInt()
  @Min(0)
  @Max(mostRevisions)
  revision: number;

  /** The stay at a device during which the recorder made this try. */
  @IsUUID()
  presence: string;

  @IsArray()
  @ArrayMaxSize(mostEventsOfATry, {
    message: said((words) => words.invalid.manySteps({ n: mostEventsOfATry })),
  })
  @ValidateNested({ each: true })
  @Type(() => EventBody, eventDiscriminator)
  events: TraceEventBody[];
}

/** What is safe: all events below `events` are stored. */
export class TryStored {
  @IsUUID()
  id: TraceId;
  @IsInt()
  events: number;
  @IsInt()
  revision: number;
}

/** An adult's word against what was read; `holds` null takes it back. */
export class NewRuling {
  @IsIn(ruledOn)
  on: RuledOn;

  @OrNull()
  @IsBoolean()
  holds: boolean | null;

  @IsReason()
  reason: string;
}

export class RulingView extends NewRuling {
  /** First name of who ruled. */
  @IsString()
  by: string;
  @IsMomentWithOffset()
  at: string;
}

/** A try that was recorded for the wrong child goes to the right one. */
export class MoveTry {
  @IsUUID('all', { message: said((words) => words.invalid.chooseChild()) })
  childId: ChildId;

  @IsReason()
  reason: string;
}

/** Where a try was before. */
export class MovedView {
  /** First name of the child it was recorded for; empty where that is not to be seen, or erased. */
  @IsString()
  from: string;
  /** First name of who moved it. */
  @IsString()
  by: string;
  @IsMomentWithOffset()
  at: string;
  @IsString()
  reason: string;
}

/** An adult said that two records are of the same try, and which counts; or that they are two. */
export class ToldDouble {
  @IsUUID()
  other: TraceId;
  /** The one that counts; null where they are two. */
  @OrNull()
  @IsUUID()
  counts: TraceId | null;
  /** First name of who said so. */
  @IsString()
  by: string;
  /** Null where that was not kept yet. */
  @OrNull()
  @IsMomentWithOffset()
  at: string | null;
  /** Empty where none was asked for. */
  @IsString()
  reason: string;
}

/** Puts one event of a try right: another in its place, or nothing. The original is kept. */
export class NewAmendment {
  @IsInt()
  @Min(0)
  of: number;

  /** Null: it never happened. Its seq and time stay those of the original, whatever is sent. */
  @OrNull()
  @ValidateNested()
  @Type(() => EventBody, happeningDiscriminator)
  event: HappeningEventBody | null;

  @IsReason()
  reason: string;
}

/** A try as it is stored. */
export class StoredTry extends TryHead {
  @IsUUID()
  id: TraceId;
  @Maybe()
  @ValidateNested({ each: true })
  @Type(() => RulingView)
  rulings?: RulingView[];
  /** The same try as another, which counts in its place. */
  @Maybe()
  @IsUUID()
  sameAs?: TraceId;
  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => EventBody, eventDiscriminator)
  events: TraceEventBody[];
}

/** A stored try with who recorded it and what it shows. */
export class ToldTry extends StoredTry {
  @IsInt()
  revision: number;
  /** There is a photo of what was written on paper. */
  @IsBoolean()
  hasPhoto: boolean;
  /** Recorded for another child first: each move, the oldest first. */
  @ValidateNested({ each: true })
  @Type(() => MovedView)
  moved: MovedView[];
  /** It came after its device, its adult or its child had left. */
  @IsBoolean()
  isLate: boolean;
  /** What adults said of it and others that overlap with it. */
  @ValidateNested({ each: true })
  @Type(() => ToldDouble)
  doubles: ToldDouble[];
  @IsString()
  recorder: string;
  @IsString()
  told: string;
}
