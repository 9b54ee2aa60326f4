import { longestTryMs, questions, type InkStroke, type Item, type Question, type Word } from '@dotting/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  Equals,
  IsArray,
  IsDefined,
  IsIn,
  IsInt,
  IsString,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import {
  IsAnswer,
  IsItem,
  IsItemOrAgain,
  IsMomentWithOffset,
  IsStroke,
  IsWord,
  validator,
  Maybe,
} from './validators.js';

const happeningKinds = [
  'count',
  'say',
  'touch',
  'passed-over',
  'take-back',
  'restart',
  'ask',
  'answer',
  'given',
  'put',
  'stroke',
] as const;
const eventKinds = [...happeningKinds, 'undo', 'amend'] as const;

/** No try has more events than this. */
export const mostEventsOfATry = 2_000;
/** By tens is the longest step. */
const mostItemsOfATouch = 10;
/** Nor was its head changed more often. */
export const mostRevisions = 1_000_000;

/** What every event has; on its own it stands for an event whose kind is not known, and is refused. */
export class EventBody {
  @IsInt()
  @Min(0)
  @Max(mostEventsOfATry - 1)
  seq: number;

  @IsInt()
  @Min(0)
  @Max(longestTryMs)
  t: number;

  @IsIn(eventKinds)
  kind: string;
}

export class CountEvent extends EventBody {
  @Equals('count')
  override kind: 'count';
  @IsWord()
  word: Word;
  @Maybe()
  @IsItemOrAgain()
  item?: Item | 'again';
  @Maybe()
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(mostItemsOfATouch)
  @IsItem({ each: true })
  items?: readonly Item[];
  @Maybe()
  @IsIn([2])
  lang?: 2;
}

export class SayEvent extends EventBody {
  @Equals('say')
  override kind: 'say';
  @IsWord()
  word: Word;
  @Maybe()
  @IsIn([2])
  lang?: 2;
}

export class TouchEvent extends EventBody {
  @Equals('touch')
  override kind: 'touch';
  @Maybe()
  @IsItem()
  item?: Item;
}

export class PassedOverEvent extends EventBody {
  @Equals('passed-over')
  override kind: 'passed-over';
  @Maybe()
  @IsItem()
  item?: Item;
}

export class TakeBackEvent extends EventBody {
  @Equals('take-back')
  override kind: 'take-back';
}

export class RestartEvent extends EventBody {
  @Equals('restart')
  override kind: 'restart';
}

export class AskEvent extends EventBody {
  @Equals('ask')
  override kind: 'ask';
  @IsIn(questions)
  question: Question;
}

export class AnswerEvent extends EventBody {
  @Equals('answer')
  override kind: 'answer';
  @IsAnswer()
  value: number | string | null;
}

export class GivenEvent extends EventBody {
  @Equals('given')
  override kind: 'given';
  @IsInt()
  @Min(0)
  @Max(1000)
  value: number;
}

export class PutEvent extends EventBody {
  @Equals('put')
  override kind: 'put';
  @Maybe()
  @IsItem()
  item?: Item;
  @IsString()
  @MaxLength(40)
  place: string;
}

export class StrokeEvent extends EventBody {
  @Equals('stroke')
  override kind: 'stroke';
  @IsStroke()
  points: InkStroke;
}

export class UndoEvent extends EventBody {
  @Equals('undo')
  override kind: 'undo';
  @IsInt()
  @Min(0)
  of: number;
  @Maybe()
  @IsString()
  @MaxLength(80)
  by?: string;
  @Maybe()
  @IsMomentWithOffset()
  at?: string;
  @Maybe()
  @IsString()
  @MaxLength(200)
  reason?: string;
}

const happenings = [
  { value: CountEvent, name: 'count' },
  { value: SayEvent, name: 'say' },
  { value: TouchEvent, name: 'touch' },
  { value: PassedOverEvent, name: 'passed-over' },
  { value: TakeBackEvent, name: 'take-back' },
  { value: RestartEvent, name: 'restart' },
  { value: AskEvent, name: 'ask' },
  { value: AnswerEvent, name: 'answer' },
  { value: GivenEvent, name: 'given' },
  { value: PutEvent, name: 'put' },
  { value: StrokeEvent, name: 'stroke' },
];

export type HappeningEventBody =
  | CountEvent
  | SayEvent
  | TouchEvent
  | PassedOverEvent
  | TakeBackEvent
  | RestartEvent
  | AskEvent
  | AnswerEvent
  | GivenEvent
  | PutEvent
  | StrokeEvent;

/** How class-transformer finds the class of what happened: by its kind. */
export const happeningDiscriminator = {
  discriminator: { property: 'kind', subTypes: happenings },
  keepDiscriminatorProperty: true,
};

/** What an amendment puts in an event's place is something that happened, not another correction. */
const IsHappening = validator(
  'isHappening',
  (value) => happenings.some(({ name }) => name === (value as { kind?: unknown } | null)?.kind),
  'happening',
  { $ref: '#/components/schemas/HappeningBody' },
);

export class AmendEvent extends EventBody {
  @Equals('amend')
  override kind: 'amend';
  @IsInt()
  @Min(0)
  of: number;
  @IsDefined()
  @IsHappening()
  @ValidateNested()
  @Type(() => EventBody, happeningDiscriminator)
  event: HappeningEventBody;
  @IsString()
  @MaxLength(80)
  by: string;
  @IsMomentWithOffset()
  at: string;
  @Maybe()
  @IsString()
  @MaxLength(200)
  reason?: string;
}

export type TraceEventBody = HappeningEventBody | UndoEvent | AmendEvent;

/** How class-transformer finds the class of an event: by its kind. */
export const eventDiscriminator = {
  discriminator: {
    property: 'kind',
    subTypes: [...happenings, { value: UndoEvent, name: 'undo' }, { value: AmendEvent, name: 'amend' }],
  },
  keepDiscriminatorProperty: true,
};
