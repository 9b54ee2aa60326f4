import type { StaffId } from '@dotting/core';
import { appLanguages, type AppLanguage } from '@dotting/words';
import { IsEmail, IsIn, IsString, IsUUID, Matches, MaxLength } from 'class-validator';
import { IsFilled, Maybe } from './validators.js';
import { said } from './said.js';

/** Signs a device in for a site, once. */
export class DeviceSignIn {
  @IsEmail({}, { message: said((words) => words.invalid.email()) })
  email: string;

  @IsString()
  @IsFilled({ message: said((words) => words.invalid.password()) })
  @MaxLength(200)
  password: string;

  /** Where the address and password fit in several nurseries: which. */
  @Maybe()
  @IsUUID()
  siteId?: string;
}

/** An adult comes to a device that is signed in. */
export class ComeIn {
  @IsUUID()
  staffId: StaffId;

  @Matches(/^\d{4,8}$/, { message: said((words) => words.invalid.code()) })
  code: string;
}

export const thumbs = ['left', 'right'] as const;
export type Thumb = (typeof thumbs)[number];

export class AdultSettings {
  /** The side on which the slips lie in a sitting. */
  @IsIn(thumbs)
  thumb: Thumb;

  /** What the app speaks to her. */
  @IsIn(appLanguages)
  language: AppLanguage;
}
