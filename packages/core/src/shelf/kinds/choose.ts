import { largestSize, nothingPut, whichBefore, type CaptureKindEntry } from './kind.js';

/** One of a few, said or pointed to. */
export const choose: CaptureKindEntry = {
  asksForWords: false,
  asksHowMany: false,
  most: largestSize,
  byThing: false,
  slipsOf: { touching: true, putting: false },
  isStillPutting: nothingPut,
  tap: () => null,
  questionBefore: ({ asks }, gesture, soFar) => whichBefore(gesture, soFar, asks),
};
