import type { OwnTaskId } from '@dotting/core';
import { Type } from 'class-transformer';
import { ArrayMaxSize, Equals, IsArray, IsDefined, IsUUID, ValidateNested } from 'class-validator';
import { OwnTaskBody } from './ownTask.js';
import { OwnThingsBody } from './ownThings.js';
import { said } from './said.js';

/** What a shared task is put with, by the ids that stand in the file. */
export class SharedThings extends OwnThingsBody {
  @IsUUID('all', { message: said((words) => words.invalid.anId()) })
  id: string;
}

export const taskFileFormat = 'dotting-task';
export const taskFileVersion = 1;

/** A room’s own task as a file, to be shared: the task, and the kinds of things it speaks of that are not on the shelf. */
export class TaskFile {
  @Equals(taskFileFormat, { message: said((words) => words.invalid.taskFile({ format: taskFileFormat })) })
  format: typeof taskFileFormat;

  @Equals(taskFileVersion, {
    message: said((words) => words.invalid.taskFileVersion({ version: taskFileVersion })),
  })
  version: typeof taskFileVersion;

  @IsDefined({ message: said((words) => words.invalid.needed()) })
  @ValidateNested()
  @Type(() => OwnTaskBody)
  task: OwnTaskBody;

  @IsArray({ message: said((words) => words.invalid.asList()) })
  @ArrayMaxSize(20, { message: said((words) => words.invalid.manyOf({ most: 20 })) })
  @ValidateNested({ each: true })
  @Type(() => SharedThings)
  things: SharedThings[];
}

/** What was made of a file that was taken in. */
export class TaskTakenIn {
  @IsUUID()
  id: OwnTaskId;
}
