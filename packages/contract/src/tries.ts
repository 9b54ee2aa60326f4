import {
  answerers,
  arrangements,
  cues,
  endings,
  helps,
  needs,
  ruledOn,
  strategies,
  type AnsweredBy,
  type Arrangement,
  type ChildId,
  type Cue,
  type Ended,
  type Help,
  type Need,
  type RuledOn,
  type SittingId,
  type StaffId,
  type Strategy,
  type TraceId,
} from '@dotting/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  Equals,
  IsArray,
  IsBoolean,
  IsDefined,
  IsIn,
  IsInt,
  IsString,
  IsUUID,
  Matches,
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
import { LayoutBody } from './layout.js';
import {
  IsLanguageTag,
  IsMomentWithOffset,
  IsRecordedMoment,
  OrNull,
  Maybe,
  IsFilled,
} from './validators.js';
import { said } from './said.js';

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

/** All of a try but its events. `ended` is null while it is still going on. */
export class TryHead {
  @IsUUID()
  childId: ChildId;

  @IsUUID()
  sittingId: SittingId;

  @IsUUID()
  recordedBy: StaffId;

  @IsMomentWithOffset()
  @IsRecordedMoment()
  startedAt: string;

  @Matches(/^[a-z][a-z-]{1,39}$/, { message: said((words) => words.invalid.task()) })
  task: string;

  @IsLanguageTag()
  language: string;

  @IsDefined()
  @ValidateNested()
  @Type(() => TraySetBody)
  set: TraySetBody;

  @IsInt()
  @Min(0)
  @Max(1000)
  start: number;

  @IsIn([1, -1])
  direction: 1 | -1;

  @Maybe()
  @IsInt()
  @Min(0)
  @Max(1000)
  target?: number;

  @Maybe()
  @IsInt()
  @Min(2)
  @Max(20)
  choices?: number;

  @Maybe()
  @IsIn(strategies)
  strategy?: Strategy;

  @IsIn(helps)
  help: Help;

  @IsIn(answerers)
  answeredBy: AnsweredBy;

  @IsBoolean()
  firstTime: boolean;

  @OrNull()
  @IsIn(endings)
  ended: Ended | null;

  @Maybe()
  @Equals('in-passing')
  seen?: 'in-passing';

  @Maybe()
  @IsInt()
  @Min(0)
  @Max(600_000)
  shownMs?: number;

  @Maybe()
  @Equals(true)
  whole?: true;

  @Maybe()
  @IsString()
  @IsFilled()
  @MaxLength(200)
  setAside?: string;

  @Maybe()
  @IsArray()
  @ArrayMaxSize(needs.length)
  @IsIn(needs, { each: true })
  access?: readonly Need[];

  @Maybe()
  @IsLanguageTag()
  mixedWith?: string;
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

  @IsString()
  @IsFilled({ message: said((words) => words.invalid.reason()) })
  @MaxLength(200, { message: said((words) => words.invalid.reasonLong()) })
  reason: string;
}

export class RulingView extends NewRuling {
  /** First name of who ruled. */
  @IsString()
  by: string;
  @IsMomentWithOffset()
  at: string;
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

  @IsString()
  @IsFilled({ message: said((words) => words.invalid.reason()) })
  @MaxLength(200, { message: said((words) => words.invalid.reasonLong()) })
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
  @IsString()
  recorder: string;
  @IsString()
  told: string;
}
