import type { TraySet } from '@dotting/core';
import { memo } from 'react';
import { palette } from '../app/theme.js';
import { asideFrom, mirrorSize, placesOf } from './mirrorLayout.js';
import { ThingShape } from './ThingShape.js';

interface ThingsProps {
  readonly set: Pick<TraySet, 'size' | 'things' | 'arrangement'>;
  /** Of a layout that is drawn by lot. */
  readonly seed: number;
}

export const trayFrame = {
  position: 'relative',
  flex: 1,
  minHeight: 0,
  borderRadius: '28px',
  border: `2px solid ${palette.line}`,
  bgcolor: '#fffefb',
  overflow: 'hidden',
} as const;

/** The things as they lie, drawn on the mirror. */
export const Things = memo(function Things({ set, seed }: ThingsProps) {
  return (
    <>
      {set.arrangement === 'movable' && (
        <rect
          x={asideFrom}
          y={40}
          width={mirrorSize.width - asideFrom - 24}
          height={mirrorSize.height - 80}
          rx={24}
          fill="none"
          stroke={palette.line}
          strokeWidth={2}
          strokeDasharray="2 9"
          strokeLinecap="round"
        />
      )}
      {placesOf(set.size, set.arrangement, seed).map(({ x, y, radius }, item) => (
        <g key={item} transform={`translate(${x} ${y}) scale(${radius})`}>
          <ThingShape things={set.things} />
        </g>
      ))}
    </>
  );
});
