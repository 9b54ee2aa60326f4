import { palette } from '../../common/theme.js';
import { Numeral } from '../../common/Numeral.js';
import { dish } from './mirrorLayout.js';
import { ThingShape } from './ThingShape.js';

/** A card of the drawing: 3 wide and 4 high, about its middle. */
const sides = { width: 0.75, height: 1 } as const;

interface CardProps {
  readonly x: number;
  readonly y: number;
  readonly height: number;
  /** What is on it: a numeral, so many things, or nothing. */
  readonly n: number | null;
  /** Things instead of the numeral. */
  readonly things?: string;
  /** A place where a card may go. */
  readonly isOpen?: boolean;
}

/** A card with a numeral, or with a picture of so many. */
export function Card({ x, y, height, n, things, isOpen = false }: CardProps) {
  const width = sides.width * height;
  // Two digits take more of the width.
  const digits = n === null ? 1 : String(n).length;
  return (
    <g>
      <rect
        x={x - width / 2}
        y={y - height / 2}
        width={width}
        height={height}
        rx={0.07 * height}
        fill={isOpen ? 'none' : palette.paper}
        stroke={palette.inkSoft}
        strokeWidth={2}
        {...(isOpen && { strokeDasharray: '7 7' })}
      />
      {n !== null && things !== undefined && <Picture n={n} things={things} x={x} y={y} height={height} />}
      {n !== null && things === undefined && (
        <Numeral n={n} x={x} y={y} height={(digits > 1 ? 0.38 : 0.56) * height} />
      )}
    </g>
  );
}

function Picture({
  n,
  things,
  x,
  y,
  height,
}: Required<Pick<CardProps, 'x' | 'y' | 'height' | 'things'>> & { readonly n: number }) {
  // The more there are, the smaller, so that none lies over the edge.
  const radius = height * Math.min(0.085, 0.15 / Math.sqrt(n));
  return dish(n, { x, y }, radius).map((place, i) => (
    <g key={i} transform={`translate(${place.x} ${place.y}) scale(${place.radius})`}>
      <ThingShape things={things} />
    </g>
  ));
}
