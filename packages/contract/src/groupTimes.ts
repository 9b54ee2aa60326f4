import { tasks, type ChildId, type OwnTaskId, type TaskId } from '@dotting/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  ArrayUnique,
  IsBoolean,
  IsIn,
  IsInt,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { said } from './said.js';
import { IsDay, IsMomentWithOffset, Maybe, OrNull } from './validators.js';

/** Shown to the group, or done by it in chorus: neither says anything of one child. */
export const groupKinds = ['shown', 'chorus'] as const;
export type GroupKind = (typeof groupKinds)[number];

const taskIds: readonly TaskId[] = tasks.map(({ id }) => id);

/** What a room did as a group, today; its id is made at the device, so that the same sent twice is one. */
export class NewGroupTime {
  @IsIn(groupKinds)
  kind: GroupKind;
  @IsIn(taskIds, { message: said((words) => words.invalid.task()) })
  task: TaskId;
  /** The room’s own task that goes like it, where it was one. */
  @Maybe()
  @IsUUID('all', { message: said((words) => words.invalid.anId()) })
  own?: OwnTaskId;
  /** Who was there: they have met the task now. */
  @ArrayMinSize(1, { message: said((words) => words.invalid.someoneThere()) })
  @ArrayMaxSize(100)
  @ArrayUnique()
  @IsUUID('all', { each: true })
  children: ChildId[];
  /** How far they said it together; null where it was not said, or not in numbers. */
  @OrNull()
  @IsInt()
  @Min(1)
  @Max(100)
  togetherTo: number | null;
  @IsString()
  @MaxLength(300)
  note: string;
}

/** Who was there is not said to have met it: taken back, with when and why. */
export class GroupTimeTakenBack {
  @IsMomentWithOffset()
  at: string;
  @IsString()
  reason: string;
}

/** The same as it stands on record. */
export class GroupTimeView {
  @IsUUID()
  id: string;
  @IsIn(groupKinds)
  kind: GroupKind;
  /** The task’s name. */
  @IsString()
  title: string;
  @IsDay()
  day: string;
  /** First name of the adult. */
  @IsString()
  recorder: string;
  /** How many were there. */
  @IsInt()
  children: number;
  @OrNull()
  @IsInt()
  togetherTo: number | null;
  @IsString()
  note: string;
  /** Put down by the adult who asks: hers to take back, and to put back. */
  @IsBoolean()
  isOwn: boolean;
  @OrNull()
  @ValidateNested()
  @Type(() => GroupTimeTakenBack)
  takenBack: GroupTimeTakenBack | null;
}

/** A room’s times as a group, newest first. */
export class GroupTimesView {
  @ValidateNested({ each: true })
  @Type(() => GroupTimeView)
  times: GroupTimeView[];
}
