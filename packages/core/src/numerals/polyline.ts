import type { Stroke } from './templates.js';

interface PointOfStroke {
  readonly x: number;
  readonly y: number;
}

/** Points of a curve to a segment. */
export const pointsOfSegment = 8;

/** A stroke as points along it, in the direction of the hand: y down, 1 high. */
export function polylineOf({ from, to }: Stroke): readonly PointOfStroke[] {
  const points: PointOfStroke[] = [{ x: from[0], y: from[1] }];
  for (const segment of to) {
    const { x: x0, y: y0 } = points.at(-1)!;
    for (let i = 1; i <= pointsOfSegment; i++) {
      const u = i / pointsOfSegment;
      if (segment.length === 2) points.push({ x: x0 + u * (segment[0] - x0), y: y0 + u * (segment[1] - y0) });
      else {
        const [x1, y1, x2, y2, x3, y3] = segment;
        const [a, b, c, d] = [(1 - u) ** 3, 3 * u * (1 - u) ** 2, 3 * u ** 2 * (1 - u), u ** 3];
        points.push({ x: a * x0 + b * x1 + c * x2 + d * x3, y: a * y0 + b * y1 + c * y2 + d * y3 });
      }
    }
  }
  return points;
}
