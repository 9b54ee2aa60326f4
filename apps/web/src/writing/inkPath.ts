import type { InkStroke } from '@dotting/core';
import { getStroke } from 'perfect-freehand';

/** How thick the pen is, in thousandths of the space between the lines. */
const thick = 70;

/** The outline of a stroke as the path of an SVG: thicker where it was pressed, or drawn slowly. */
export function inkPath(points: InkStroke, isDone = true): string {
  const isPressed = points.some(({ p }) => p !== undefined);
  const outline = getStroke(
    points.map(({ x, y, p }) => [x, y, p ?? 0.5]),
    {
      size: thick,
      thinning: isPressed ? 0.5 : 0.25,
      smoothing: 0.5,
      // The line stays under the pen.
      streamline: 0.15,
      simulatePressure: !isPressed,
      last: isDone,
    },
  );
  const [first, ...others] = outline;
  if (!first) return '';
  const curves = others.map(([x, y], i) => {
    const [nextX, nextY] = others[i + 1] ?? first;
    return `Q${round(x!)} ${round(y!)} ${round((x! + nextX!) / 2)} ${round((y! + nextY!) / 2)}`;
  });
  return `M${round(first[0]!)} ${round(first[1]!)}${curves.join('')}Z`;
}

const round = (value: number): number => Math.round(value);
