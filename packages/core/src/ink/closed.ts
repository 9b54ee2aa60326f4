import { boxOf, lengthOf, nearest, resampled, type Point } from './stroke.js';

/** A loop that is open by less than this is closed. (heights) */
const openFrom = 0.13;
const count = 60;
/** So near along the stroke ink is no other part of it. (share of its length) */
const itself = 0.24;

/** Ends of strokes that should meet other ink, by the digit: where a loop begins, where it ends, or both. */
const looseEnds: Readonly<Record<string, readonly ('start' | 'end')[]>> = {
  0: ['start', 'end'],
  6: ['end'],
  8: ['start', 'end'],
  9: ['start'],
};

/**
 * Whether the loops of a nought, six, eight or nine are closed.
 *
 * @param strokes as the form has them: turned round where they were drawn the other way, in its order
 * @returns null for a digit without a loop
 */
export function loopsClosed(digit: string, strokes: readonly (readonly Point[])[]): boolean | null {
  const ends = looseEnds[digit];
  if (!ends) return null;
  const height = boxOf(strokes.flat()).height || 1;
  // Of a nine the stem is no loop; of an eight in two rings each is.
  const loops = digit === '9' ? strokes.slice(0, 1) : strokes;
  return loops.every((stroke) => {
    const others = strokes.filter((one) => one !== stroke).flatMap((one) => resampled(one, count));
    return ends.every((end) => gapAt(stroke, end, others) < openFrom * height);
  });
}

/** How far the end of a stroke is from any other ink: of the other strokes, and of its own, but for that next to it. */
function gapAt(stroke: readonly Point[], end: 'start' | 'end', others: readonly Point[]): number {
  if (lengthOf(stroke) === 0) return Infinity;
  const points = resampled(end === 'start' ? stroke : stroke.toReversed(), count);
  const far = points.slice(Math.round(itself * count));
  // A little of the end may hang over.
  const ends = points.slice(0, Math.round(0.1 * count));
  return Math.min(...ends.map((one) => nearest(one, [...far, ...others])));
}
