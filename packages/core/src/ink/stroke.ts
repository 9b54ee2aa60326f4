export type { InkPoint, InkStroke } from '../trace/trace.js';

export interface Point {
  readonly x: number;
  readonly y: number;
}

export interface Box {
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
}

export function boxOf(points: readonly Point[]): Box {
  let [left, top, right, bottom] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const { x, y } of points) {
    left = Math.min(left, x);
    right = Math.max(right, x);
    top = Math.min(top, y);
    bottom = Math.max(bottom, y);
  }
  return points.length === 0
    ? { left: 0, top: 0, width: 0, height: 0 }
    : { left, top, width: right - left, height: bottom - top };
}

/** The longer side of what a box holds. */
export const extentOf = ({ width, height }: Box): number => Math.max(width, height);

export const distance = (a: Point, b: Point): number => Math.hypot(a.x - b.x, a.y - b.y);

export function lengthOf(points: readonly Point[]): number {
  let length = 0;
  for (let i = 1; i < points.length; i++) length += distance(points[i - 1]!, points[i]!);
  return length;
}

/** So many points at even distances along a line, its ends among them. A line of no length stays in its place. */
export function resampled(points: readonly Point[], count: number): readonly Point[] {
  const first = points[0]!;
  const step = lengthOf(points) / (count - 1);
  if (points.length === 1 || step === 0)
    return Array.from({ length: count }, () => ({ x: first.x, y: first.y }));
  const made: Point[] = [{ x: first.x, y: first.y }];
  let before: Point = first;
  let walked = 0;
  for (let i = 1; i < points.length && made.length < count - 1;) {
    const next = points[i]!;
    const gap = distance(before, next);
    if (walked + gap < step || gap === 0) {
      walked += gap;
      before = next;
      i++;
      continue;
    }
    const share = (step - walked) / gap;
    before = { x: before.x + share * (next.x - before.x), y: before.y + share * (next.y - before.y) };
    made.push(before);
    walked = 0;
  }
  const last = points.at(-1)!;
  while (made.length < count) made.push({ x: last.x, y: last.y });
  return made;
}

/** How far a point is from the nearest of some. */
export function nearest(point: Point, others: readonly Point[]): number {
  let least = Infinity;
  for (const { x, y } of others) least = Math.min(least, (point.x - x) ** 2 + (point.y - y) ** 2);
  return Math.sqrt(least);
}
