import type { StaffId } from '@dotting/core';
import { Type } from 'class-transformer';
import { IsIn, IsInt, IsString, IsUUID, ValidateNested } from 'class-validator';
import { Maybe } from './validators.js';

/** What somebody did with what is kept. */
export const trailActs = ['looked', 'changed', 'exported', 'erased'] as const;
export type TrailAct = (typeof trailActs)[number];

/** With which part of it. Nothing of what stands there is on the trail. */
export const trailParts = [
  'child',
  'ink',
  'record',
  'tries',
  'try',
  'photo',
  'steps',
  'statements',
  'today',
  'room',
  'register',
  'place',
  'adult',
  'secrets',
  'device',
  'ways',
  'ideas',
  'languages',
  'ownTasks',
  'groupTimes',
  'eraseWait',
  'aside',
  'demo',
  'trail',
] as const;
export type TrailPart = (typeof trailParts)[number];

/** One line of the trail. */
export class TrailEntry {
  /** When, the last time of several within an hour. */
  @IsString()
  at: string;
  /** Who. */
  @IsString()
  adult: string;
  @IsIn(trailActs)
  act: TrailAct;
  @IsIn(trailParts)
  part: TrailPart;
  /** Which child, room or adult; empty where it is none, or erased since. */
  @IsString()
  about: string;
  /** How often within the hour. */
  @IsInt()
  times: number;
}

/** Which lines; all where nothing is said. */
export class TrailFilter {
  @Maybe()
  @IsUUID()
  adult?: StaffId;
  @Maybe()
  @IsUUID()
  child?: string;
  @Maybe()
  @IsIn(trailActs)
  act?: TrailAct;
}

/** The newest lines first. */
export class TrailView {
  @ValidateNested({ each: true })
  @Type(() => TrailEntry)
  entries: TrailEntry[];
  /** There are more than these. */
  @IsInt()
  more: number;
}
