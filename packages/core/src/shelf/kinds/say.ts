import { wordByWord, type CaptureKindEntry } from './kind.js';

const largestSaid = 30;

/** A run of words; nothing lies there to be touched. */
export const say: CaptureKindEntry = {
  ...wordByWord,
  asksHowMany: false,
  most: largestSaid,
  byThing: false,
  slipsOf: { touching: false, putting: false },
};
