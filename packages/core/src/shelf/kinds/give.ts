import { largestSize, nothingPut, type CaptureKindEntry } from './kind.js';

/** How many were handed over. */
export const give: CaptureKindEntry = {
  asksForWords: false,
  asksHowMany: false,
  most: largestSize,
  byThing: false,
  slipsOf: { touching: true, putting: false },
  isStillPutting: nothingPut,
  tap: () => ({ kind: 'next' }),
  questionBefore: ({ midway }, gesture, { asked }) => {
    const request = asked ? null : 'give';
    const isGiving = gesture.kind === 'given' || gesture.kind === 'started-again' || gesture.kind === 'next';
    if (isGiving) return request;
    if (gesture.kind !== 'answer') return null;
    return midway?.some((value) => value === gesture.value) ? 'which' : request;
  },
};
