import { IsBoolean, IsInt, IsString, IsUUID, Max, MaxLength, Min } from 'class-validator';
import { said } from './said.js';
import { IsFilled } from './validators.js';

/** A kind of thing that a room has added, to be counted or to hold what is: what to call it, and what it asks of care. */
export class OwnThingsBody {
  /** What one is called: "pebble". */
  @IsString({ message: said((words) => words.invalid.asText()) })
  @IsFilled({ message: said((words) => words.invalid.thingsName()) })
  @MaxLength(40, { message: said((words) => words.invalid.lineOf({ most: 40 })) })
  one: string;

  @IsString({ message: said((words) => words.invalid.asText()) })
  @IsFilled({ message: said((words) => words.invalid.thingsName()) })
  @MaxLength(40, { message: said((words) => words.invalid.lineOf({ most: 40 })) })
  many: string;

  /** It holds things and is not counted. */
  @IsBoolean({ message: said((words) => words.invalid.yesNo()) })
  isContainer: boolean;

  /** It fits the public small-parts cylinder (about 32 mm across): a choking hazard. */
  @IsBoolean({ message: said((words) => words.invalid.yesNo()) })
  small: boolean;

  /** It has points or edges that can hurt. */
  @IsBoolean({ message: said((words) => words.invalid.yesNo()) })
  sharp: boolean;

  /** It goes into mouths, whoever counts it. */
  @IsBoolean({ message: said((words) => words.invalid.yesNo()) })
  mouthable: boolean;

  /** What is in it, where it is to eat; else empty. */
  @IsString({ message: said((words) => words.invalid.asText()) })
  @MaxLength(100, { message: said((words) => words.invalid.lineOf({ most: 100 })) })
  food: string;

  /** How large one is (mm). */
  @IsInt({ message: said((words) => words.invalid.across({ from: 3, to: 400 })) })
  @Min(3, { message: said((words) => words.invalid.across({ from: 3, to: 400 })) })
  @Max(400, { message: said((words) => words.invalid.across({ from: 3, to: 400 })) })
  across: number;

  /** How to look after it; may be empty. */
  @IsString({ message: said((words) => words.invalid.asText()) })
  @MaxLength(200, { message: said((words) => words.invalid.lineOf({ most: 200 })) })
  care: string;
}

export class OwnThingsView extends OwnThingsBody {
  @IsUUID()
  id: string;
  /** Offered no more; what was recorded with it keeps its name. */
  @IsBoolean({ message: said((words) => words.invalid.yesNo()) })
  retired: boolean;
}

/** Whether something the room has added is offered no more. */
export class Retirement {
  @IsBoolean({ message: said((words) => words.invalid.yesNo()) })
  retired: boolean;
}
