import { largestSize, nothingPut, type CaptureKindEntry } from './kind.js';

/** Put or told one after the other, each one of a few. */
export const order: CaptureKindEntry = {
  asksForWords: false,
  asksHowMany: false,
  most: largestSize,
  byThing: false,
  slipsOf: { touching: false, putting: false },
  isStillPutting: nothingPut,
  tap: () => null,
  questionBefore: () => null,
};
