import { isPutting } from '../../reading/readSharing.js';
import { largestSize, whichBefore, type CaptureKindEntry, type OnTheTable } from './kind.js';

/** Things still go to their places; before the first step too. */
const isStillPutting = ({ set, events }: OnTheTable): boolean =>
  events.length === 0 || isPutting({ set, events });

/** Things put one to a place; then counted, or one of a few said of them. */
export const share: CaptureKindEntry = {
  asksForWords: false,
  asksHowMany: false,
  most: largestSize,
  byThing: false,
  slipsOf: { touching: true, putting: true },
  isStillPutting,
  tap: (table) => {
    if (isStillPutting(table)) return { kind: 'put' };
    return table.task.choosing ? null : { kind: 'next' };
  },
  questionBefore: ({ choosing }, gesture, soFar) => (choosing ? whichBefore(gesture, soFar) : null),
};
