import {
  allStrands,
  certainties,
  skillMap,
  tellingSlips,
  type AnyStrand,
  type Certainty,
  type ChildId,
  type DotForm,
  type DueBecause,
  type SkillId,
  type TellingSlip,
  type Trend,
  type TaskId,
  type TraceId,
  type TraySet,
} from '@dotting/core';
import { Type } from 'class-transformer';
import {
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { childColumnNames } from './childColumns.js';
import { columnsChanged, ColumnsHeld } from './childRules.js';
import { StoredTry, TraySetBody } from './tries.js';
import { SittingClosingView } from './sittings.js';
import { IsReason } from './reason.js';
import { IsDay, IsLanguageTag, Maybe, OrNull, IsFilled } from './validators.js';
import { OwnThingsView } from './ownThings.js';
import { SchoolChangeView, SchoolsView } from './schools.js';
import { said } from './said.js';

const skillIds = skillMap.map((skill) => skill.id);
const dueReasons = [
  'never',
  'strand-never',
  'weeks',
  'fading',
  'open-question',
] as const satisfies readonly DueBecause[];
const trends = ['rising', 'steady', 'falling', 'new'] as const satisfies readonly Trend[];

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
  /** On Today’s list. */
  @IsBoolean()
  isDue: boolean;
  /** False where the family objects to it. */
  @IsBoolean()
  mayRecord: boolean;
}

/** One thing to do next with a child, and why. */
export class NextStepView {
  @IsString()
  skill: SkillId;
  @IsString()
  task: TaskId;
  @IsInt()
  n: number;
  @IsString()
  things: string;
  /** What is laid for it. */
  @ValidateNested()
  @Type(() => TraySetBody)
  set: TraySet;
  @IsString()
  title: string;
  @IsString()
  why: string;
  @IsString()
  stepUp: string;
  @IsString()
  stepDown: string;
  @IsNumber()
  chance: number;
  @IsUUID('all', { each: true })
  tries: TraceId[];
  @IsString()
  evidence: string;
}

/** A child who is due, and for what. */
export class DueEntry {
  @IsUUID()
  childId: ChildId;
  @IsIn(dueReasons)
  because: DueBecause;
  /** What is to be looked at, in the field's words. */
  @IsString()
  forWhat: string;
  /** When it was last looked at; null for never. */
  @OrNull()
  @IsDay()
  last: string | null;
  /** The step for it. */
  @ValidateNested()
  @Type(() => NextStepView)
  step: NextStepView;
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
  /** Why that one; where they are two, nothing is left out, and none is asked for. */
  @Maybe()
  @IsReason()
  reason?: string;
}

/** Tries of a child that are on record, and from which nothing can be read. */
export class UnreadTries {
  @IsUUID()
  childId: ChildId;
  @IsString()
  firstName: string;
  @IsInt()
  tries: number;
}

/** What a view of several children could not take in, so that it can say so. */
export class LeftOutView {
  @ValidateNested({ each: true })
  @Type(() => UnreadTries)
  unread: UnreadTries[];
  /** First names of children whose record could not be worked out: what is shown of them is old, or missing. */
  @IsString({ each: true })
  behind: string[];
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
  /** Who is not here today: not due, and no mark of it is kept beyond the day. */
  @IsUUID('all', { each: true })
  notHere: ChildId[];
  @ValidateNested({ each: true })
  @Type(() => UnfinishedTry)
  unfinished: UnfinishedTry[];
  @ValidateNested({ each: true })
  @Type(() => DoubleView)
  doubles: DoubleView[];
  @ValidateNested()
  @Type(() => LeftOutView)
  leftOut: LeftOutView;
  /** Ways of the room that were changed of late, newest first. */
  @ValidateNested({ each: true })
  @Type(() => SchoolChangeView)
  schoolChanges: SchoolChangeView[];
}

export class ChildView extends ColumnsHeld {
  @IsUUID()
  id: ChildId;
  @IsUUID()
  roomId: string;
}

/** What is put right on a child's own page: all but what the office keeps. */
export const columnsToCorrect = childColumnNames.filter((name) => name !== 'lastName');

/** What is absent stays as it is. */
export class ChildChange extends columnsChanged(...columnsToCorrect) {}
export const dotForms = ['full', 'bead', 'half', 'ring', 'speck'] as const satisfies readonly DotForm[];

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

export class CoursePointView {
  @IsDay()
  day: string;
  @IsInt()
  sureTo: number;
  @IsInt()
  likelyTo: number;
  @IsInt()
  triedTo: number;
}

/** An adult's own words in place of what was worked out; the estimate goes on beneath. */
export class StatementRulingView {
  @IsString()
  words: string;
  @IsString()
  reason: string;
  @IsString()
  by: string;
  @IsDay()
  day: string;
}

/** One numeral taken for another. */
export class MixedUpView {
  @IsInt()
  shown: number;
  /** The numeral that was said or taken, or what was said instead, as it was heard. */
  @IsString()
  said: string;
  @IsInt()
  times: number;
}

/** One skill of the child's page: what may be said, how sure, from what. */
export class SkillLineView {
  @IsString()
  skill: SkillId;
  @IsString()
  name: string;
  @IsIn(allStrands)
  strand: AnyStrand;
  @ValidateNested({ each: true })
  @Type(() => DotView)
  dots: DotView[];
  /** A sentence about the child. */
  @IsString()
  statement: string;
  @IsIn(certainties)
  certainty: Certainty;
  /** What is still to be seen before what is likely can be sure. */
  @IsString({ each: true })
  wanting: string[];
  @IsIn(trends)
  trend: Trend;
  /** Empty for a skill without a number axis. */
  @ValidateNested({ each: true })
  @Type(() => CoursePointView)
  course: CoursePointView[];
  /** Of numerals, which were taken for another, the commonest first. */
  @ValidateNested({ each: true })
  @Type(() => MixedUpView)
  mixedUp: MixedUpView[];
  /** What stands in the way, where something does. */
  @OrNull()
  @IsString()
  obstacle: string | null;
  @OrNull()
  @ValidateNested()
  @Type(() => StatementRulingView)
  overruled: StatementRulingView | null;
  @IsUUID('all', { each: true })
  tries: TraceId[];
}

/** Pinned to stay first, put away until there is something new of it, or neither any longer. */
const stepDecisions = ['pinned', 'dismissed', 'open'] as const;
export type StepDecision = (typeof stepDecisions)[number];

export class NewStepDecision {
  @IsIn(skillIds)
  skill: SkillId;
  @IsIn(stepDecisions)
  decision: StepDecision;
  @IsString()
  @MaxLength(200, { message: said((words) => words.invalid.reasonLong()) })
  reason: string;
}

/** A step that was pinned or put away, and why. */
export class StepDecisionView {
  @IsString()
  skill: SkillId;
  @IsString()
  name: string;
  @IsIn(stepDecisions)
  decision: StepDecision;
  @IsString()
  reason: string;
  @IsString()
  by: string;
}

/** Overrules a statement with words of the adult's own; null takes that back. */
export class NewStatementRuling {
  @IsIn(skillIds)
  skill: SkillId;
  @OrNull()
  @IsString()
  @IsFilled({ message: said((words) => words.invalid.whatIsTrue()) })
  @MaxLength(300, { message: said((words) => words.invalid.wordingLong()) })
  words: string | null;
  @IsReason()
  reason: string;
}

/** The slip a move answers, and the move. */
export class MoveView {
  @IsIn(tellingSlips)
  slip: TellingSlip;
  @IsString()
  @IsFilled({ message: said((words) => words.invalid.seen()) })
  @MaxLength(200)
  saw: string;
  @IsString()
  @IsFilled({ message: said((words) => words.invalid.idea()) })
  @MaxLength(300, { message: said((words) => words.invalid.ideaLong()) })
  move: string;
}

/** A move as the room has it, beside the one that was shipped. */
export class RoomMove extends MoveView {
  @IsString()
  shipped: string;
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

/** What is said of one skill since it is worked out in a new way. */
export class RevisedSkill {
  @IsString()
  name: string;
  @IsString()
  before: string;
  @IsString()
  after: string;
}

/** What a new way of working out says otherwise of a child, with the day and the reason. */
export class RevisedView {
  @IsDay()
  day: string;
  @IsString()
  why: string;
  @ValidateNested({ each: true })
  @Type(() => RevisedSkill)
  skills: RevisedSkill[];
}

/** How a child goes about it: works sums out, compares sets. */
export class HowView {
  /** A sentence about the child. */
  @IsString()
  statement: string;
  /** The tries it rests on. */
  @IsUUID('all', { each: true })
  tries: TraceId[];
}

export class ChildPage {
  @ValidateNested()
  @Type(() => ChildView)
  child: ChildView;
  @ValidateNested({ each: true })
  @Type(() => SkillLineView)
  lines: SkillLineView[];
  /** Null where it was not seen often enough. */
  @OrNull()
  @ValidateNested()
  @Type(() => HowView)
  how: HowView | null;
  /** What it goes by when it compares sets; null where none were compared. */
  @OrNull()
  @ValidateNested()
  @Type(() => HowView)
  comparing: HowView | null;
  /** Three, the one most worth doing first. */
  @ValidateNested({ each: true })
  @Type(() => NextStepView)
  steps: NextStepView[];
  /** One that will go well; null where the record could not be worked out. */
  @OrNull()
  @ValidateNested()
  @Type(() => NextStepView)
  easier: NextStepView | null;
  @ValidateNested({ each: true })
  @Type(() => StepDecisionView)
  decisions: StepDecisionView[];
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
  @ValidateNested()
  @Type(() => LeftOutView)
  leftOut: LeftOutView;
  /** Null where nothing changed, or somebody has read it. */
  @OrNull()
  @ValidateNested()
  @Type(() => RevisedView)
  revised: RevisedView | null;
  /** The room’s ways, or the child’s own. */
  @ValidateNested()
  @Type(() => SchoolsView)
  schools: SchoolsView;
  /** Kinds of things that its room has added. */
  @ValidateNested({ each: true })
  @Type(() => OwnThingsView)
  ownThings: OwnThingsView[];
}
