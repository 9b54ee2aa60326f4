import type { StaffId } from '@dotting/core';
import { appLanguages, type AppLanguage } from '@dotting/words';
import { Type } from 'class-transformer';
import { IsBoolean, IsIn, IsString, IsUUID, ValidateNested } from 'class-validator';
import { SchoolsView } from './schools.js';
import { LanguageList } from './languages.js';
import { OwnTaskView } from './ownTask.js';
import { OwnThingsView } from './ownThings.js';
import { thumbs, type Thumb } from './signIn.js';
import { OrNull } from './validators.js';

export const roles = ['lead', 'practitioner', 'assistant'] as const;
export type Role = (typeof roles)[number];

export class Adult {
  @IsUUID()
  id: StaffId;
  @IsString()
  firstName: string;
  @IsIn(roles)
  role: Role;
  @IsIn(thumbs)
  thumb: Thumb;
  /** What the app speaks to her. */
  @IsIn(appLanguages)
  language: AppLanguage;
}

/** The adult at the device; `presence` goes with each try recorded during the stay. */
export class PresentAdult extends Adult {
  @IsUUID()
  presence: string;
}

export class Room {
  @IsUUID()
  id: string;
  @IsString()
  name: string;
  /** Where practitioners disagree: what this room does. */
  @ValidateNested()
  @Type(() => SchoolsView)
  schools: SchoolsView;
}

/** A room with what it has made for itself. */
export class RoomHere extends Room {
  /** Tasks that it has written, those that are retired too. */
  @ValidateNested({ each: true })
  @Type(() => OwnTaskView)
  ownTasks: OwnTaskView[];
  /** Kinds of things that it has added, those that are retired too. */
  @ValidateNested({ each: true })
  @Type(() => OwnThingsView)
  ownThings: OwnThingsView[];
}

/** With what a device seals what it could not send when it is signed out: the key stays with the server. */
export class Sealing {
  @IsUUID()
  device: string;
  /** 32 bytes in base64. */
  @IsString()
  key: string;
}

/** Where a signed-in device stands: its site, its adults, and who is at it now. */
export class Here {
  @IsString()
  site: string;
  /** The demo nursery: every child in it is made up. */
  @IsBoolean()
  isDemo: boolean;
  @ValidateNested({ each: true })
  @Type(() => RoomHere)
  rooms: RoomHere[];
  @ValidateNested({ each: true })
  @Type(() => Adult)
  adults: Adult[];
  /** Number words that the site has added. */
  @ValidateNested({ each: true })
  @Type(() => LanguageList)
  languages: LanguageList[];
  @OrNull()
  @ValidateNested()
  @Type(() => PresentAdult)
  adult: PresentAdult | null;
  @ValidateNested()
  @Type(() => Sealing)
  sealing: Sealing;
}

/** A device that is signed in for the site. */
export class Device {
  @IsUUID()
  id: string;
  @IsString()
  signedInBy: string;
  @IsString()
  signedInAt: string;
  @IsString()
  lastSeenAt: string;
  /** The one that asks. */
  @IsBoolean()
  isThis: boolean;
}
