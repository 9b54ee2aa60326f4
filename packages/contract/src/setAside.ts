import type { ChildId, StaffId } from '@dotting/core';
import { IsIn, IsInt, IsObject, IsString, IsUUID, Max, MaxLength, Min } from 'class-validator';
import { mostEventsOfATry } from './events.js';
import { said } from './said.js';
import { IsDay, Maybe, OrNull } from './validators.js';

const aside = ['try', 'closing'] as const;

/** What the server refused for good, as the device holds it: kept as it is, and never computed with. */
export class PutAside {
  @IsIn(aside)
  what: (typeof aside)[number];

  @IsUUID()
  childId: ChildId;

  @IsUUID()
  recordedBy: StaffId;

  /** When it was, as the device has it; it may be no moment at all. */
  @IsString()
  @MaxLength(40)
  at: string;

  /** The server’s words when it refused. */
  @IsString()
  @MaxLength(400)
  why: string;

  /** The field to blame, by its path; empty where it is none. */
  @IsString()
  @MaxLength(120)
  field: string;

  /** All of what was refused, as it would be sent. */
  @IsObject()
  body: object;
}

/** One of them, for a lead to settle. */
export class AsideView {
  @IsUUID()
  id: string;
  @IsIn(aside)
  what: (typeof aside)[number];
  /** Null where the child is in the register no longer. */
  @OrNull()
  @IsUUID()
  childId: ChildId | null;
  /** First name of the child; empty where there is none. */
  @IsString()
  child: string;
  /** First name of who recorded it. */
  @IsString()
  recorder: string;
  @IsString()
  at: string;
  /** The task, or empty. */
  @IsString()
  title: string;
  @IsString()
  why: string;
  @IsString()
  field: string;
  /** Left out by a lead: can still be taken for a while. Who, and why. */
  @OrNull()
  @IsObject()
  leftOut: { readonly by: string; readonly reason: string } | null;
}

/** A lead takes it after all, with what was wrong put right. */
export class TakeAside {
  @IsUUID('all', { message: said((words) => words.invalid.chooseChild()) })
  childId: ChildId;

  /** The day it was on, where the device had another. */
  @Maybe()
  @IsDay()
  day?: string;

  /** Only so many of its steps, from the first. */
  @Maybe()
  @IsInt()
  @Min(0)
  @Max(mostEventsOfATry)
  steps?: number;
}
