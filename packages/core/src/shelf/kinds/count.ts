import { wordByWord, type CaptureKindEntry } from './kind.js';

/** Words and touches, on a mirror of the tray. */
export const count: CaptureKindEntry = {
  ...wordByWord,
  asksHowMany: true,
  byThing: true,
  slipsOf: { touching: true, putting: false },
};
