import { IsString, MaxLength } from 'class-validator';
import { said } from './said.js';
import { IsFilled } from './validators.js';

/** Why something is done that others read of. */
export const IsReason = (): PropertyDecorator => (target, name) => {
  IsString()(target, name);
  IsFilled({ message: said((words) => words.invalid.reason()) })(target, name);
  MaxLength(200, { message: said((words) => words.invalid.reasonLong()) })(target, name);
};

/** Why what was recorded counts no more. */
export class Reason {
  @IsReason()
  reason: string;
}
