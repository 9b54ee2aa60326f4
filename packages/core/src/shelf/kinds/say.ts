import { wordByWord, type CaptureKindEntry } from './kind.js';

/** A run of words; nothing lies there to be touched. */
export const say: CaptureKindEntry = {
  ...wordByWord,
  asksHowMany: false,
  byThing: false,
  slipsOf: { touching: false, putting: false },
};
