import type { StaffId } from '@dotting/core';
import { IsEmail, IsIn, IsString, IsUUID, Matches, MaxLength } from 'class-validator';
import { IsFilled } from './validators.js';

/** Signs a device in for a site, once. */
export class DeviceSignIn {
  @IsEmail({}, { message: 'Enter the e-mail address as name@place.example.' })
  email: string;

  @IsString()
  @IsFilled({ message: 'Enter the password.' })
  @MaxLength(200)
  password: string;
}

/** An adult comes to a device that is signed in. */
export class ComeIn {
  @IsUUID()
  staffId: StaffId;

  @Matches(/^\d{4,8}$/, { message: 'The code is four to eight figures.' })
  code: string;
}

export const thumbs = ['left', 'right'] as const;
export type Thumb = (typeof thumbs)[number];

export class AdultSettings {
  /** The side on which the slips lie in a sitting. */
  @IsIn(thumbs)
  thumb: Thumb;
}
