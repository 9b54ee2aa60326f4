import { IsBase64, MaxLength } from 'class-validator';
import { said } from './said.js';

/** A larger photo is made smaller before it is sent. (letters of base64: about 300 kB) */
export const largestPhoto = 400_000;

/** A photo of what was written on paper. */
export class PutPhoto {
  /** A JPEG, in base64 (RFC 4648). */
  @IsBase64({}, { message: said((words) => words.invalid.photo()) })
  @MaxLength(largestPhoto, { message: said((words) => words.invalid.photoLarge()) })
  jpeg: string;
}
