import { lengthOf, resampled, type Box, type Point } from './stroke.js';

/** Strokes as one line of points at about even distances, each with its heading and the stroke that it is of. */
export interface Trail {
  readonly size: number;
  readonly xs: Float64Array;
  readonly ys: Float64Array;
  /** Of unit length; none where the pen stood still. */
  readonly headingXs: Float64Array;
  readonly headingYs: Float64Array;
  readonly strokeOf: Uint8Array;
}

/** Points of a trail for a first look, and for a closer one. */
export const trailPoints = { rough: 14, fine: 32 } as const;
const fewest = 3;

/** Strokes at about even distances, each with its share of the points by its length. */
export function partsOf(
  strokes: readonly (readonly Point[])[],
  points: number,
): readonly (readonly Point[])[] {
  const lengths = strokes.map((stroke) => Math.max(lengthOf(stroke), 1e-9));
  const all = lengths.reduce((one, other) => one + other, 0);
  return strokes.map((stroke, i) =>
    resampled(stroke, Math.max(fewest, Math.round((points * lengths[i]!) / all))),
  );
}

export const trailOf = (strokes: readonly (readonly Point[])[], points: number = trailPoints.fine): Trail =>
  trailOfParts(partsOf(strokes, points));

/** A trail of strokes that are evenly set already. */
export function trailOfParts(parts: readonly (readonly Point[])[]): Trail {
  const size = parts.reduce((sum, part) => sum + part.length, 0);
  const [xs, ys] = [new Float64Array(size), new Float64Array(size)];
  const [headingXs, headingYs] = [new Float64Array(size), new Float64Array(size)];
  const strokeOf = new Uint8Array(size);
  let at = 0;
  parts.forEach((part, stroke) => {
    for (let i = 0; i < part.length; i++, at++) {
      const [before, after] = [part[Math.max(0, i - 1)]!, part[Math.min(part.length - 1, i + 1)]!];
      const [x, y] = [after.x - before.x, after.y - before.y];
      const length = Math.hypot(x, y) || 1;
      xs[at] = part[i]!.x;
      ys[at] = part[i]!.y;
      headingXs[at] = x / length;
      headingYs[at] = y / length;
      strokeOf[at] = stroke;
    }
  });
  return { size, xs, ys, headingXs, headingYs, strokeOf };
}

/** Narrower than this, against its height, a numeral is a line, and is not drawn out in width. */
const narrow = 0.22;
/** A numeral may be so much wider or narrower than the form. (times) */
const mostDrawnOut = 1.9;

/** How ink is laid over a form: as high, and as wide where it can be, about the same middle. */
export interface Placement {
  readonly wide: number;
  readonly tall: number;
  readonly right: number;
  readonly down: number;
  /** How far from the form's proportions the ink is, as the logarithm of times. */
  readonly drawnOut: number;
}

export function placementOver(from: Box, to: Box): Placement {
  const tall = Math.max(to.height, to.width * narrow) / (Math.max(from.height, from.width * narrow) || 1);
  const isLine = from.width < narrow * from.height || to.width < narrow * to.height;
  const wanted = isLine ? 1 : to.width / (from.width * tall || 1);
  const wide = tall * Math.min(mostDrawnOut, Math.max(1 / mostDrawnOut, wanted));
  return {
    wide,
    tall,
    right: to.left + to.width / 2 - wide * (from.left + from.width / 2),
    down: to.top + to.height / 2 - tall * (from.top + from.height / 2),
    drawnOut: isLine ? 0 : Math.abs(Math.log(wanted)),
  };
}

export const placed = ({ x, y }: Point, { wide, tall, right, down }: Placement): Point => ({
  x: right + wide * x,
  y: down + tall * y,
});

/** A trail laid over a form. */
export function placedTrail(trail: Trail, { wide, tall, right, down }: Placement): Trail {
  const { size, strokeOf } = trail;
  const [xs, ys] = [new Float64Array(size), new Float64Array(size)];
  const [headingXs, headingYs] = [new Float64Array(size), new Float64Array(size)];
  for (let i = 0; i < size; i++) {
    xs[i] = right + wide * trail.xs[i]!;
    ys[i] = down + tall * trail.ys[i]!;
    const [x, y] = [wide * trail.headingXs[i]!, tall * trail.headingYs[i]!];
    const length = Math.sqrt(x * x + y * y) || 1;
    headingXs[i] = x / length;
    headingYs[i] = y / length;
  }
  return { size, xs, ys, headingXs, headingYs, strokeOf };
}
