import { largestSize, wordByWord, type CaptureKindEntry } from './kind.js';

/** Words and touches, on a mirror of the tray. */
export const count: CaptureKindEntry = {
  ...wordByWord,
  asksHowMany: true,
  most: largestSize,
  byThing: true,
  slipsOf: { touching: true, putting: false },
};
