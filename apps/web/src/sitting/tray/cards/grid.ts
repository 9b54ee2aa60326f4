import { mirrorSize } from '../mirrorLayout.js';

const { width, height } = mirrorSize;

/** In lines of at most five. */
const linesOf = (many: number): readonly number[] => {
  const lines = Math.ceil(many / 5);
  return Array.from({ length: lines }, (_, i) => Math.ceil((many - i) / lines));
};

/** The middle of each of so many, in lines. */
export function gridOf(
  many: number,
): readonly { readonly x: number; readonly y: number; readonly high: number }[] {
  const lines = linesOf(many);
  return lines.flatMap((inLine, line) =>
    Array.from({ length: inLine }, (_, i) => ({
      x: (width * (i + 0.5)) / inLine,
      y: (height * (line + 0.5)) / lines.length,
      high: Math.min((0.84 * height) / lines.length, (0.84 * width) / Math.max(...lines) / 0.75, 300),
    })),
  );
}
