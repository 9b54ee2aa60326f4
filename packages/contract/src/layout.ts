import {
  besides,
  cardKinds,
  recordings,
  touchCodes,
  doings,
  guides,
  writingWays,
  patternForms,
  puppetSlips,
  relations,
  type Beside,
  type Bowl,
  type CardKind,
  type Cards,
  type Recording,
  type TouchCode,
  type Carry,
  type Change,
  type ComparedSet,
  type Comparison,
  type Doing,
  type DrawnStroke,
  type Guide,
  type Hand,
  type DotPattern,
  type Item,
  type PatternForm,
  type PuppetSlip,
  type Relation,
  type Turns,
  type Weighed,
  type Writing,
  type WritingWay,
} from '@dotting/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  Equals,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsString,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { hands } from './childColumns.js';
import { IsDrawnForms, Maybe, IsFilled } from './validators.js';
import { said } from './said.js';

/** No count that is played has more words than this. */
const mostPlayed = 40;
const longestPlayMs = 120_000;
/** No row on a floor is longer. */
const longestRowMm = 5_000;

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
  @IsFilled()
  @MaxLength(40)
  things: string;

  @IsInt()
  @Min(1)
  @Max(100)
  n: number;
}

export class ChangeBody implements Change {
  @IsInt()
  @Min(0)
  @Max(100)
  from: number;

  @IsInt()
  @Min(-100)
  @Max(100)
  by: number;

  @Maybe()
  @Equals(true)
  covered?: true;
}

export class ComparedSetBody implements ComparedSet {
  @IsInt()
  @Min(0)
  @Max(100)
  n: number;

  @IsString()
  @IsFilled()
  @MaxLength(40)
  things: string;

  /** mm, as are the others. */
  @IsInt()
  @Min(0)
  @Max(longestRowMm)
  length: number;

  @IsInt()
  @Min(0)
  @Max(longestRowMm)
  depth: number;

  @IsInt()
  @Min(0)
  @Max(longestRowMm)
  across: number;
}

export class ComparisonBody implements Comparison {
  @IsIn(relations)
  relation: Relation;

  @IsIn(['rows', 'spread', 'cards'])
  lie: 'rows' | 'spread' | 'cards';

  @IsArray()
  @ArrayMinSize(2)
  @ArrayMaxSize(3)
  @ValidateNested({ each: true })
  @Type(() => ComparedSetBody)
  sets: readonly ComparedSetBody[];
}

export class TurnsBody implements Turns {
  @IsInt()
  @Min(0)
  @Max(100)
  last: number;

  @IsInt()
  @Min(0)
  @Max(100)
  now: number;
}

export class DotPatternBody implements DotPattern {
  @IsIn(patternForms)
  form: PatternForm;

  @IsInt()
  @Min(0)
  @Max(20)
  n: number;

  @IsInt()
  @Min(0)
  @Max(2 ** 32 - 1)
  seed: number;
}

export class CarryBody implements Carry {
  @IsArray()
  @ArrayMinSize(2)
  @ArrayMaxSize(6)
  @IsString({ each: true })
  @MaxLength(40, { each: true })
  unit: readonly string[];

  @IsInt()
  @Min(0)
  @Max(40)
  shown: number;
}

export class WeighedBody implements Weighed {
  @IsInt()
  @Min(0)
  @Max(100)
  n: number;

  @IsIn(['numeral', 'picture', 'set'])
  as: Weighed['as'];
}

export class CardsBody implements Cards {
  @IsIn(cardKinds)
  kind: CardKind;

  @IsInt()
  @Min(0)
  @Max(100)
  n: number;

  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(40)
  @IsInt({ each: true })
  @Min(0, { each: true })
  @Max(100, { each: true })
  cards: readonly number[];

  @Maybe()
  @IsIn(touchCodes)
  code?: TouchCode;

  @Maybe()
  @IsArray()
  @ArrayMaxSize(40)
  @IsInt({ each: true })
  @Min(0, { each: true })
  @Max(100, { each: true })
  given?: readonly number[];
}

export class WritingBody implements Writing {
  @IsInt()
  @Min(0)
  @Max(99)
  n: number;

  @IsIn(writingWays)
  way: WritingWay;

  @IsIn(guides)
  guide: Guide;

  @IsBoolean()
  ruled: boolean;

  @Maybe()
  @IsIn(hands)
  hand?: Hand;

  @Maybe()
  @IsDrawnForms()
  drawn?: Readonly<Record<string, readonly DrawnStroke[]>>;

  @Maybe()
  @Equals(true)
  eitherWayRound?: true;

  @Maybe()
  @Equals(true)
  counted?: true;
}

/** What was generated for a try, so that it can be laid and played again. */
export class LayoutBody {
  @Maybe()
  @IsInt()
  @Min(0)
  @Max(2 ** 32 - 1)
  seed?: number;

  @Maybe()
  @Equals('pairs')
  fill?: 'pairs';

  @Maybe()
  @IsInt()
  @Min(0)
  @Max(7)
  turn?: number;

  @Maybe()
  @IsBoolean()
  marked?: boolean;

  @Maybe()
  @Matches(/^[a-z][a-z-]{0,39}$/, { message: said((words) => words.invalid.way()) })
  way?: string;

  @Maybe()
  @ValidateNested()
  @Type(() => PuppetBody)
  puppet?: PuppetBody;

  @Maybe()
  @IsInt()
  @Min(1)
  @Max(100)
  places?: number;

  @Maybe()
  @IsArray()
  @ArrayMaxSize(12)
  @ValidateNested({ each: true })
  @Type(() => BowlBody)
  bowls?: readonly BowlBody[];

  @Maybe()
  @ValidateNested()
  @Type(() => ChangeBody)
  change?: ChangeBody;

  @Maybe()
  @IsIn(doings)
  doing?: Doing;

  @Maybe()
  @ValidateNested()
  @Type(() => ComparisonBody)
  comparison?: ComparisonBody;

  @Maybe()
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(2)
  @ValidateNested({ each: true })
  @Type(() => DotPatternBody)
  patterns?: readonly DotPatternBody[];

  @Maybe()
  @Equals(true)
  parts?: true;

  @Maybe()
  @Equals(true)
  pairs?: true;

  @Maybe()
  @ValidateNested()
  @Type(() => CarryBody)
  carry?: CarryBody;

  @Maybe()
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(2)
  @ValidateNested({ each: true })
  @Type(() => WeighedBody)
  balance?: readonly WeighedBody[];

  @Maybe()
  @ValidateNested()
  @Type(() => CardsBody)
  cards?: CardsBody;

  @Maybe()
  @ValidateNested()
  @Type(() => WritingBody)
  writing?: WritingBody;

  @Maybe()
  @IsIn(recordings)
  records?: Recording;

  @Maybe()
  @Equals(true)
  track?: true;

  @Maybe()
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(6)
  @ValidateNested({ each: true })
  @Type(() => BowlBody)
  sorted?: readonly BowlBody[];

  @Maybe()
  @ValidateNested()
  @Type(() => TurnsBody)
  turns?: TurnsBody;

  @Maybe()
  @IsIn(besides)
  beside?: Beside;

  @Maybe()
  @IsInt()
  @Min(1)
  @Max(20)
  most?: number;

  @Maybe()
  @Equals(true)
  handful?: true;

  @Maybe()
  @IsArray()
  @ArrayMaxSize(mostPlayed)
  @IsInt({ each: true })
  @Min(0, { each: true })
  @Max(longestPlayMs, { each: true })
  drops?: readonly number[];

  @Maybe()
  @IsString()
  @IsFilled()
  @MaxLength(40)
  model?: string;
}
