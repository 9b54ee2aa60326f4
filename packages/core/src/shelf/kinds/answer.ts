import { largestSize, nothingPut, type CaptureKindEntry } from './kind.js';

/** A number, or nothing; a child who counts first shows how. */
export const answer: CaptureKindEntry = {
  asksForWords: false,
  asksHowMany: false,
  most: largestSize,
  byThing: true,
  slipsOf: { touching: true, putting: false },
  isStillPutting: nothingPut,
  tap: () => ({ kind: 'next' }),
  questionBefore: ({ asks = 'how-many' }, { kind }, { isOpen }) =>
    !isOpen && (kind === 'next' || kind === 'thing' || kind === 'answer') ? asks : null,
};
