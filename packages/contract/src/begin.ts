import { appLanguages, type AppLanguage } from '@dotting/words';
import {
  ArrayMaxSize,
  ArrayMinSize,
  ArrayUnique,
  IsArray,
  IsBoolean,
  IsIn,
  IsString,
  Matches,
  MaxLength,
  MinLength,
} from 'class-validator';
import { AdultNames } from './office.js';
import { said } from './said.js';
import { IsFilled, Maybe, OrNull, validator } from './validators.js';

/** A password that somebody chooses: long, as guessing goes; any signs. */
const shortestPassword = 12;

function IsNewPassword(): PropertyDecorator {
  const message = said((words) => words.invalid.newPassword({ least: shortestPassword }));
  return (target, property) => {
    IsString({ message })(target, property);
    MinLength(shortestPassword, { message })(target, property);
    MaxLength(200, { message: said((words) => words.invalid.passwordLong()) })(target, property);
  };
}

/** One figure over and over, or a run of them: the first that anybody tries. */
function isEasyToGuess(code: string): boolean {
  const steps = new Set([...code].slice(1).map((figure, i) => Number(figure) - Number(code[i])));
  return steps.size === 1 && [0, 1, -1].includes([...steps][0]!);
}

const IsNewCode = validator(
  'isNewCode',
  (code) => typeof code === 'string' && /^\d{4,8}$/.test(code) && !isEasyToGuess(code),
  'newCode',
  { type: 'string', pattern: '^\\d{4,8}$' },
);

const IsOneTimeCode = (): PropertyDecorator =>
  Matches(/^\s*(?:[A-Za-z0-9][\s-]*){8}$/, { message: said((words) => words.invalid.oneTimeCode()) });

/** What is there before anybody is signed in. */
export class BeginView {
  /** Whether the demo nursery is kept on this server. */
  @IsBoolean()
  hasDemo: boolean;
  /** Whether a nursery can be set up without a code from the server: the first, on the server’s own machine. */
  @IsBoolean()
  isFirst: boolean;
}

/** As it was printed at the server, or shown by a lead: eight letters and figures, however grouped. */
export class OneTimeCode {
  @IsOneTimeCode()
  code: string;
}

/** A nursery of one’s own: its rooms, and its first lead. */
export class BeginNursery extends AdultNames {
  /** Printed at the server; only where the nursery is not the first. */
  @Maybe()
  @IsOneTimeCode()
  oneTimeCode?: string;

  @IsString()
  @IsFilled({ message: said((words) => words.invalid.siteName()) })
  @MaxLength(80, { message: said((words) => words.invalid.roomNameLong()) })
  site: string;

  @IsArray()
  @ArrayMinSize(1, { message: said((words) => words.invalid.roomName()) })
  @ArrayMaxSize(20, { message: said((words) => words.invalid.manyOf({ most: 20 })) })
  @ArrayUnique((name: unknown) => String(name).trim().toLowerCase(), {
    message: said((words) => words.invalid.once()),
  })
  @IsString({ each: true })
  @IsFilled({ each: true, message: said((words) => words.invalid.roomName()) })
  @MaxLength(80, { each: true, message: said((words) => words.invalid.roomNameLong()) })
  rooms: string[];

  @IsNewPassword()
  password: string;

  @IsNewCode()
  code: string;

  /** What the app speaks to the lead. */
  @IsIn(appLanguages, { message: said((words) => words.invalid.appLanguage()) })
  language: AppLanguage;

  /** Takes the demo nursery away; only with the first nursery on a server. */
  @IsBoolean()
  removesDemo: boolean;
}

/** Another password for one that was forgotten. */
export class ForgottenPassword extends OneTimeCode {
  @IsNewPassword()
  password: string;
}

/** An adult’s own password, changed by her. */
export class OwnPassword {
  @IsString()
  @IsFilled({ message: said((words) => words.invalid.password()) })
  @MaxLength(200)
  now: string;

  @IsNewPassword()
  next: string;
}

/** An adult’s own code, changed by her. */
export class OwnCode {
  @Matches(/^\d{4,8}$/, { message: said((words) => words.invalid.code()) })
  now: string;

  @IsNewCode()
  next: string;
}

/** By which a new device is signed in, once. */
export class PairingView {
  @IsString()
  code: string;
  /** Until when it can be used. */
  @IsString()
  until: string;
  /** Where other devices find the app, as far as the server knows. */
  @OrNull()
  @IsString()
  address: string | null;
}
