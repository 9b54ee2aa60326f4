import { lengthOf } from '@dotting/core';
import { palette } from '../common/theme.js';

interface ArrowProps {
  readonly points: readonly { readonly x: number; readonly y: number }[];
  /** How large it is, in the units of the drawing. */
  readonly size: number;
  readonly color?: string;
}

/** So far along a stroke its arrow stands. */
const arrowAt = 0.3;

/** Which way a stroke goes. */
export function Arrow({ points, size, color = palette.ink }: ArrowProps) {
  const wanted = arrowAt * lengthOf(points);
  const at = points.findIndex((_, i) => lengthOf(points.slice(0, i + 1)) >= wanted);
  const [from, to] = [points[Math.max(0, at - 1)], points[Math.max(1, at)]];
  if (!from || !to) return null;
  const turn = (Math.atan2(to.y - from.y, to.x - from.x) * 180) / Math.PI;
  return (
    <path
      transform={`translate(${to.x} ${to.y}) rotate(${turn}) scale(${size})`}
      d="M-0.9 -1L0.5 0L-0.9 1"
      fill="none"
      stroke={color}
      strokeWidth={0.5}
      strokeLinecap="round"
      strokeLinejoin="round"
    />
  );
}
