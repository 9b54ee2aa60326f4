import { type ChildId, type DotForm, type SkillId, type TaskId } from '@dotting/core';
import { Type } from 'class-transformer';
import { IsIn, IsInt, IsString, IsUUID, ValidateNested } from 'class-validator';
import { dotForms, LeftOutView } from './children.js';
import { IsDay, OrNull } from './validators.js';

/** A skill of a child at a glance. */
export class GlanceView {
  @IsString()
  skill: SkillId;
  /** How far it is sure; 1 for a principle. */
  @IsInt()
  sure: number;
  /** How far it is likely; 1 for a principle. */
  @IsInt()
  likely: number;
  @IsIn(dotForms, { each: true })
  dots: DotForm[];
}

export class RoomChildView {
  @IsUUID()
  childId: ChildId;
  @IsString()
  firstName: string;
  @OrNull()
  @IsDay()
  lastLook: string | null;
  /** Empty for none. */
  @IsString()
  group: string;
  /** First names of the adults who looked. */
  @IsString({ each: true })
  adults: string[];
  @ValidateNested({ each: true })
  @Type(() => GlanceView)
  glances: GlanceView[];
}

/** Children who could sit at one table for the same step. */
export class TogetherView {
  @IsString()
  task: TaskId;
  @IsString()
  title: string;
  @IsUUID('all', { each: true })
  children: ChildId[];
}

/** Who looked, and at how many children. */
export class LookerView {
  @IsString()
  firstName: string;
  @IsInt()
  tries: number;
  @IsInt()
  children: number;
}

/** How the room stood at a month's end: children of whom so much could be said. */
export class RoomMonthView {
  @IsDay()
  day: string;
  @IsInt()
  looked: number;
  /** Children surely counting five or more in a row. */
  @IsInt()
  five: number;
  /** … and to ten or more. */
  @IsInt()
  ten: number;
}

export class RoomOverview {
  @IsDay()
  day: string;
  @ValidateNested({ each: true })
  @Type(() => RoomChildView)
  children: RoomChildView[];
  @ValidateNested({ each: true })
  @Type(() => TogetherView)
  together: TogetherView[];
  @ValidateNested({ each: true })
  @Type(() => LookerView)
  lookers: LookerView[];
  @ValidateNested({ each: true })
  @Type(() => RoomMonthView)
  months: RoomMonthView[];
  @ValidateNested()
  @Type(() => LeftOutView)
  leftOut: LeftOutView;
}
