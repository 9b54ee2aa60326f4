import { boxOf, type InkStroke } from '@dotting/core';
import { palette } from '../common/theme.js';
import { inkPath } from './inkPath.js';

/** A numeral as it was written, small, between its two lines. */
export function SmallInk({ strokes }: { readonly strokes: readonly InkStroke[] }) {
  const { left, width } = boxOf(strokes.flat());
  const wide = Math.max(900, width + 200);
  return (
    <svg viewBox={`${left + width / 2 - wide / 2} -300 ${wide} 1600`} height={64} aria-hidden>
      <path
        d={`M${left + width / 2 - wide / 2} 0h${wide}M${left + width / 2 - wide / 2} 1000h${wide}`}
        stroke={palette.line}
        strokeWidth={14}
      />
      <g fill={palette.ink}>
        {strokes.map((stroke, i) => (
          <path key={i} d={inkPath(stroke)} />
        ))}
      </g>
    </svg>
  );
}
