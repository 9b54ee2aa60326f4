import type { Point } from './stroke.js';
import type { Placement, Trail } from './trail.js';

/** What a heading that differs by a right angle is worth, against a distance of one height, squared. */
const headingWeight = 0.06;
/** So far may one line run ahead of the other. (share of its points) */
const band = 0.35;

/** How alike two lines are, drawn along one another, and which point of the second each of the first lies on. */
export interface Elastic {
  /** Mean over the way: squared distance in heights, and heading. */
  readonly cost: number;
  readonly onto: readonly number[];
}

/** Room for the largest trails there are; used by one comparison after the other. */
const most = 96;
const costs = new Float64Array(most * most);
const from = new Uint8Array(most * most);

/** Dynamic time warping (Sakoe and Chiba 1978) within a band. */
export function elastic(a: Trail, b: Trail): Elastic {
  const [n, m] = [a.size, b.size];
  const reach = Math.ceil(band * Math.max(n, m));
  costs.fill(Infinity, 0, n * m);
  for (let i = 0; i < n; i++) {
    const middle = Math.round((i * (m - 1)) / (n - 1));
    const [x, y, headingX, headingY] = [a.xs[i]!, a.ys[i]!, a.headingXs[i]!, a.headingYs[i]!];
    const last = Math.min(m - 1, middle + reach);
    for (let j = Math.max(0, middle - reach); j <= last; j++) {
      const here = i * m + j;
      let best = i === 0 && j === 0 ? 0 : Infinity;
      let way = 0;
      if (i > 0 && j > 0 && costs[here - m - 1]! < best) {
        best = costs[here - m - 1]!;
        way = 1;
      }
      if (i > 0 && costs[here - m]! < best) {
        best = costs[here - m]!;
        way = 2;
      }
      if (j > 0 && costs[here - 1]! < best) {
        best = costs[here - 1]!;
        way = 3;
      }
      const [dx, dy] = [x - b.xs[j]!, y - b.ys[j]!];
      const turn = 1 - headingX * b.headingXs[j]! - headingY * b.headingYs[j]!;
      costs[here] = best + dx * dx + dy * dy + headingWeight * turn;
      from[here] = way;
    }
  }
  const onto = walkedBack(n, m);
  return { cost: costs[n * m - 1]! / onto.steps, onto: onto.points };
}

function walkedBack(n: number, m: number): { readonly points: readonly number[]; readonly steps: number } {
  const points: number[] = new Array<number>(n).fill(0);
  let [i, j, steps] = [n - 1, m - 1, 1];
  for (;;) {
    points[i] = j;
    const way = from[i * m + j]!;
    if (way === 0) return { points, steps };
    if (way !== 3) i--;
    if (way !== 2) j--;
    steps++;
  }
}

/** The nearest of the second trail to each point of the first; used by one comparison after the other. */
const nearestTo = new Float64Array(most);

/**
 * How far, on the whole, each point of some trails is from the nearest of the other, squared and both ways.
 * @param at how the first is laid over the second
 */
export function cloudApart(a: Trail, b: Trail, { wide, tall, right, down }: Placement): number {
  nearestTo.fill(Infinity, 0, b.size);
  let sum = 0;
  for (let i = 0; i < a.size; i++) {
    const x = right + wide * a.xs[i]!;
    const y = down + tall * a.ys[i]!;
    let least = Infinity;
    for (let j = 0; j < b.size; j++) {
      const dx = x - b.xs[j]!;
      const dy = y - b.ys[j]!;
      const apart = dx * dx + dy * dy;
      if (apart < least) least = apart;
      if (apart < nearestTo[j]!) nearestTo[j] = apart;
    }
    sum += least;
  }
  let back = 0;
  for (let j = 0; j < b.size; j++) back += nearestTo[j]!;
  return (sum / a.size + back / b.size) / 2;
}

/**
 * The even map (turn, slant, proportions) that lays some points best on others by least squares, where it is such as a
 * hand makes; else none.
 */
export function straightening(a: Trail, b: Trail, onto: readonly number[]): ((point: Point) => Point) | null {
  const n = a.size;
  const mean = (of: (i: number) => number): number => {
    let sum = 0;
    for (let i = 0; i < n; i++) sum += of(i);
    return sum / n;
  };
  const p = { x: mean((i) => a.xs[i]!), y: mean((i) => a.ys[i]!) };
  const q = { x: mean((i) => b.xs[onto[i]!]!), y: mean((i) => b.ys[onto[i]!]!) };
  let [xx, xy, yy, ux, uy, vx, vy] = [1e-3, 0, 1e-3, 1e-3, 0, 0, 1e-3];
  for (let i = 0; i < n; i++) {
    const [x, y] = [a.xs[i]! - p.x, a.ys[i]! - p.y];
    const [u, v] = [b.xs[onto[i]!]! - q.x, b.ys[onto[i]!]! - q.y];
    xx += x * x;
    xy += x * y;
    yy += y * y;
    ux += u * x;
    uy += u * y;
    vx += v * x;
    vy += v * y;
  }
  const det = xx * yy - xy * xy;
  if (det < 1e-9) return null;
  const [wide, slant] = [(ux * yy - uy * xy) / det, (uy * xx - ux * xy) / det];
  const [rise, tall] = [(vx * yy - vy * xy) / det, (vy * xx - vx * xy) / det];
  return isByHand(wide, slant, rise, tall)
    ? ({ x, y }) => ({
        x: q.x + wide * (x - p.x) + slant * (y - p.y),
        y: q.y + rise * (x - p.x) + tall * (y - p.y),
      })
    : null;
}

/** No more turned, slanting or out of proportion than a hand makes it. */
const isByHand = (wide: number, slant: number, rise: number, tall: number): boolean =>
  wide > 0.5 &&
  wide < 1.9 &&
  tall > 0.6 &&
  tall < 1.7 &&
  Math.abs(slant) < 0.7 &&
  Math.abs(rise) < 0.45 &&
  Math.abs(Math.atan2(rise - slant, wide + tall)) < 0.4;
