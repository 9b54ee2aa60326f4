import type { CaptureKindEntry } from './kind.js';
import { order } from './order.js';

/** A numeral written: by its strokes, or as an adult saw it, one thing after the other. */
export const ink: CaptureKindEntry = {
  ...order,
  questionBefore: (_, gesture, { asked }) =>
    !asked && (gesture.kind === 'stroke' || gesture.kind === 'placed') ? 'write' : null,
};
