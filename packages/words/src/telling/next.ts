import type { NextReason } from '@dotting/core';
import type { Words } from '../words.js';

/** Why this is next in a sitting, or why it ends, in a sentence. */
export function tellNext({ next }: Words, reason: NextReason): string {
  switch (reason.kind) {
    case 'learn-most':
    case 'other-number':
    case 'round':
      return next[reason.kind]({ n: reason.n });
    case 'other-question':
      return next.otherQuestion[reason.because]();
    case 'time':
      return next.time({ minutes: reason.minutes });
    case 'begin-well':
    case 'after-two-misses':
    case 'end-well':
    case 'main':
    case 'known':
    case 'enough':
      return next[reason.kind]();
  }
}
