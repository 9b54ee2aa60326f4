import {
  ArrayMaxSize,
  ArrayMinSize,
  ArrayUnique,
  IsArray,
  IsBoolean,
  IsString,
  MaxLength,
} from 'class-validator';
import { IsReason } from './reason.js';
import { IsLanguageTag, IsFilled, Maybe } from './validators.js';
import { said } from './said.js';

/** Number words that a site has added itself: the first is "one". */
export class LanguageList {
  @IsLanguageTag()
  tag: string;

  @IsString()
  @IsFilled({ message: said((words) => words.invalid.languageName()) })
  @MaxLength(60, { message: said((words) => words.invalid.languageNameLong()) })
  name: string;

  /** Written from right to left. */
  @IsBoolean()
  rightToLeft: boolean;

  @IsArray()
  @ArrayMinSize(3, { message: said((words) => words.invalid.fewWords()) })
  @ArrayMaxSize(100, { message: said((words) => words.invalid.manyWords()) })
  @ArrayUnique({ message: said((words) => words.invalid.wordsOnce()) })
  @IsString({ each: true })
  @IsFilled({ each: true, message: said((words) => words.invalid.emptyWord()) })
  @MaxLength(40, { each: true, message: said((words) => words.invalid.longWord()) })
  words: string[];
}

/** The same, put on record; where words that children counted in are changed, with why. */
export class PutLanguage extends LanguageList {
  @Maybe()
  @IsReason()
  reason?: string;
}

/** A language that was removed, or whose words were changed: it can be put back. */
export class LanguageChange {
  @IsString()
  tag: string;
  @IsString()
  name: string;
  @IsBoolean()
  isRemoved: boolean;
  /** First name of who did it, and when. */
  @IsString()
  by: string;
  @IsString()
  at: string;
  /** Empty where none was asked for yet. */
  @IsString()
  reason: string;
}
