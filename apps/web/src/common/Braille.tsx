import { dotsIn } from '@dotting/core';
import { palette } from './theme.js';

/** From dot to dot, and from cell to cell, for a cell 1 high: as in the usual print, 2.5 mm and 6 mm. */
const dotStep = 0.36;
const cellStep = 0.86;

interface BrailleProps {
  readonly cells: string;
  /** The middle, and the height of a cell, in the units of the drawing. */
  readonly x: number;
  readonly y: number;
  readonly height: number;
}

/** Braille cells, drawn from the Unicode patterns: raised dots large, the others as specks. */
export function Braille({ cells, x, y, height }: BrailleProps) {
  const width = cellStep * (cells.length - 1);
  return [...cells].map((cell, i) => {
    const raised = dotsIn(cell);
    const left = x + height * (cellStep * i - width / 2);
    return (
      <g key={`${i} ${cell}`}>
        {[1, 2, 3, 4, 5, 6].map((dot) => (
          <circle
            key={dot}
            cx={left + height * dotStep * (dot > 3 ? 0.5 : -0.5)}
            cy={y + height * dotStep * (((dot - 1) % 3) - 1)}
            r={height * (raised.includes(dot) ? 0.13 : 0.035)}
            fill={palette.ink}
          />
        ))}
      </g>
    );
  });
}
