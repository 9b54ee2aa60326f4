import { largestSize, nothingPut, type CaptureKindEntry } from './kind.js';

/** How many were handed over. */
export const give: CaptureKindEntry = {
  asksForWords: false,
  asksHowMany: false,
  most: largestSize,
  byThing: false,
  slipsOf: { touching: true, putting: false },
  isStillPutting: nothingPut,
  tap: () => null,
  questionBefore: ({ midway }, gesture, { asked }) => {
    const request = asked ? null : 'give';
    if (gesture.kind === 'given' || gesture.kind === 'started-again') return request;
    if (gesture.kind !== 'answer') return null;
    return midway?.some((value) => value === gesture.value) ? 'which' : request;
  },
};
