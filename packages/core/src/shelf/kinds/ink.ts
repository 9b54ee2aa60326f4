import { largestSize, nothingPut, type CaptureKindEntry } from './kind.js';

/** A numeral written: by its strokes, or as an adult saw it. */
export const ink: CaptureKindEntry = {
  asksForWords: false,
  asksHowMany: false,
  most: largestSize,
  byThing: false,
  slipsOf: { touching: false, putting: false },
  isStillPutting: nothingPut,
  tap: () => null,
  questionBefore: (_, gesture, { asked }) =>
    !asked && (gesture.kind === 'stroke' || gesture.kind === 'placed') ? 'write' : null,
};
