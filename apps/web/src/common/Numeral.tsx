import { pathOf, strokesOf } from '@dotting/core';
import { palette } from './theme.js';
import { useNumeralStyle } from './schools.js';

interface NumeralProps {
  readonly n: number;
  /** Its middle, and how high it is, in the units of the drawing. */
  readonly x: number;
  readonly y: number;
  readonly height: number;
  readonly color?: string;
}

/** How thick a stroke is, for a numeral that is 1 high. */
const thick = 0.1;

/** A numeral as the room forms it, for children to read; how wide it is goes with its digits. */
export function Numeral({ n, x, y, height, color = palette.ink }: NumeralProps) {
  const { digits, width } = strokesOf(n, useNumeralStyle());
  return (
    <g
      transform={`translate(${x - (width * height) / 2} ${y - height / 2})`}
      fill="none"
      stroke={color}
      strokeWidth={thick * height}
      strokeLinecap="round"
      strokeLinejoin="round"
    >
      {digits.flatMap(({ strokes, left }, i) =>
        strokes.map((stroke, k) => <path key={`${i} ${k}`} d={pathOf(stroke, height, left * height)} />),
      )}
    </g>
  );
}
