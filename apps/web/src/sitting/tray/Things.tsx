import { memo } from 'react';
import { palette } from '../../common/theme.js';
import { Furniture } from './Furniture.js';
import { asideFrom, mirrorSize, placesOf, type LaidSet } from './mirrorLayout.js';
import { ThingShape } from './ThingShape.js';
import { words } from '../../wording/words.js';

export const trayFrame = {
  position: 'relative',
  flex: 1,
  minHeight: 0,
  borderRadius: '28px',
  border: 2,
  borderColor: 'line',
  bgcolor: 'tray',
  overflow: 'hidden',
} as const;

interface ThingsProps {
  readonly set: LaidSet;
  /** Things that are to be put one to a place still lie in their dish. */
  readonly inDish?: boolean;
}

/** The things as they lie, drawn on the mirror. */
export const Things = memo(function Things({ set, inDish = false }: ThingsProps) {
  const places = placesOf(set);
  return (
    <>
      {set.arrangement === 'movable' && set.layout?.places === undefined && (
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
      <Furniture set={set} inDish={inDish} />
      {set.layout?.places === undefined &&
        places.map(({ x, y, radius }, item) => (
          <g key={item} transform={`translate(${x} ${y}) scale(${radius})`}>
            <ThingShape things={set.things} />
          </g>
        ))}
      {set.layout?.marked && places[0] && <BeginningMark at={places[0]} />}
    </>
  );
});

/** A pennant beside the first of a ring, where its beginning is marked. */
function BeginningMark({
  at,
}: {
  readonly at: { readonly x: number; readonly y: number; readonly radius: number };
}) {
  const outward = Math.atan2(at.y - mirrorSize.height / 2, at.x - mirrorSize.width / 2);
  const x = at.x + (at.radius + 16) * Math.cos(outward);
  const y = at.y + (at.radius + 16) * Math.sin(outward);
  return (
    <path
      transform={`translate(${x} ${y})`}
      d="M-4 12V-14L14 -7L-4 0"
      fill={palette.brick}
      stroke={palette.brick}
      strokeWidth={2.5}
      strokeLinejoin="round"
      role="img"
      aria-label={words.tray.beginning()}
    />
  );
}
