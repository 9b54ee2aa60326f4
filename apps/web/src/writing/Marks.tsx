import { resampled, type InkStroke } from '@dotting/core';
import { palette } from '../common/theme.js';
import { Arrow } from './Arrow.js';

/** Enough points to see which way a stroke goes, without the shaking of the hand. */
const smooth = 16;

/** On what was written: where each stroke began, by its number, and which way it went. */
export function Marks({ strokes }: { readonly strokes: readonly InkStroke[] }) {
  return strokes.map((stroke, i) => {
    const { x, y } = stroke[0]!;
    return (
      <g key={i}>
        {stroke.length > 1 && <Arrow points={resampled(stroke, smooth)} size={40} color={palette.brass} />}
        <circle cx={x} cy={y} r={70} fill={palette.brick} />
        <text x={x} y={y + 32} textAnchor="middle" fontSize={95} fontWeight={700} fill={palette.gate}>
          {i + 1}
        </text>
      </g>
    );
  });
}
