import {
  ArrayMaxSize,
  ArrayMinSize,
  ArrayUnique,
  IsArray,
  IsBoolean,
  IsString,
  MaxLength,
} from 'class-validator';
import { IsLanguageTag, IsFilled } from './validators.js';

/** Number words that a site has added itself: the first is "one". */
export class LanguageList {
  @IsLanguageTag()
  tag: string;

  @IsString()
  @IsFilled({ message: 'Give the language a name.' })
  @MaxLength(60, { message: 'Keep the name under 60 letters.' })
  name: string;

  /** Written from right to left. */
  @IsBoolean()
  rightToLeft: boolean;

  @IsArray()
  @ArrayMinSize(3, { message: 'Enter the words from one on, at least three.' })
  @ArrayMaxSize(100, { message: 'At most a hundred words.' })
  @ArrayUnique({ message: 'Each number word once.' })
  @IsString({ each: true })
  @IsFilled({ each: true, message: 'No word may be empty.' })
  @MaxLength(40, { each: true, message: 'No word may have more than 40 letters.' })
  words: string[];
}
