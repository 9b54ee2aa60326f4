import { lengthOf, nearest, resampled, type InkStroke } from './stroke.js';

/** So fine is a tremor: points to a height along the line. */
const pointsToHeight = 28;

/** How even the lines are: how little each point is off the middle of its neighbours, beside how far apart they are. */
export function smoothnessOf(strokes: readonly InkStroke[], extent: number): number {
  const off = strokes.flatMap((stroke) => {
    const count = Math.round((pointsToHeight * lengthOf(stroke)) / (extent || 1));
    if (count < 5) return [];
    const points = resampled(stroke, count);
    const step = lengthOf(points) / (count - 1) || 1;
    return points.slice(1, -1).map((point, i) => {
      const [before, after] = [points[i]!, points[i + 2]!];
      const middle = { x: (before.x + after.x) / 2, y: (before.y + after.y) / 2 };
      return nearest(point, [middle]) / step;
    });
  });
  if (off.length === 0) return 1;
  const mean = off.reduce((sum, one) => sum + one, 0) / off.length;
  return Math.max(0, 1 - 4 * mean);
}
