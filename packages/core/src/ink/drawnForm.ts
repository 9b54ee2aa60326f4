import { digitWidth } from '../numerals/templates.js';
import type { DrawnStroke, InkStroke } from '../trace/trace.js';
import { boxOf, resampled } from './stroke.js';

/** So many points keep the shape of a stroke. */
const pointsOfDrawn = 25;

/** Ink as the form of a digit: 1 high, in the middle of its box, with evenly set points and no times. */
export function drawnForm(strokes: readonly InkStroke[]): readonly DrawnStroke[] {
  const { left, top, width, height } = boxOf(strokes.flat());
  // A bar that lies flat is no higher than its box is wide.
  const scale = 1 / Math.max(height, width / digitWidth, 1);
  const aside = Math.max(0, (digitWidth - width * scale) / 2);
  const rounded = (value: number): number => Number(value.toFixed(3));
  return strokes.map((stroke) => {
    const [from, ...to] = resampled(stroke, pointsOfDrawn).map(
      ({ x, y }) => [rounded((x - left) * scale + aside), rounded((y - top) * scale)] as const,
    );
    return { from: from!, to };
  });
}
