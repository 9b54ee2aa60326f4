import type { ReactNode } from 'react';
import { materials, palette } from '../../common/theme.js';
import { Numeral } from '../../common/Numeral.js';
import { boxesOf, cells, dish, jars, mirrorSize, type LaidSet, type Place } from './mirrorLayout.js';
import { ThingShape } from './ThingShape.js';

interface FurnitureProps {
  readonly set: LaidSet & { readonly pile?: number };
  readonly inDish: boolean;
}

/** What the things go to: the cells of a frame, or jars. Nothing on it fills as the child puts them. */
export function Furniture({ set, inDish }: FurnitureProps): ReactNode {
  const places = set.layout?.places;
  if (places === undefined) return null;
  const inFrame = set.arrangement === 'frame';
  if (set.layout?.track) return <Track set={set} places={places} inDish={inDish} />;
  const targets = inFrame ? cells(places, set.layout?.fill) : jars(places);
  const amount = set.pile ?? set.size;
  const lying = inFrame
    ? dish(amount, { x: 585, y: mirrorSize.height / 2 }, 15)
    : dish(amount, { x: 350, y: 415 }, 24);
  // Fewer things than cells leave the last ones empty.
  const put = !inDish && inFrame ? targets.slice(0, set.size) : [];
  return (
    <>
      {targets.map((at, i) => (inFrame ? <Cell key={i} at={at} /> : <Jar key={i} at={at} />))}
      {(put.length > 0 ? put : lying).map(({ x, y, radius }, item) => (
        <g key={item} transform={`translate(${x} ${y}) scale(${radius})`}>
          <ThingShape things={set.things} />
        </g>
      ))}
    </>
  );
}

/** Boxes in one row, each with its number printed in it; the things in a dish below. */
function Track({ set, places, inDish }: FurnitureProps & { readonly places: number }) {
  const boxes = boxesOf(places);
  const lying = dish(set.size, { x: mirrorSize.width / 2, y: 400 }, 20);
  return (
    <>
      {boxes.map((at, i) => (
        <g key={i}>
          <Cell at={at} />
          <Numeral n={i + 1} x={at.x} y={at.y + 62} height={26} />
        </g>
      ))}
      {(inDish ? lying : boxes.slice(0, set.size)).map(({ x, y, radius }, item) => (
        <g key={item} transform={`translate(${x} ${y}) scale(${radius})`}>
          <ThingShape things={set.things} />
        </g>
      ))}
    </>
  );
}

function Cell({ at: { x, y, radius } }: { readonly at: Place }) {
  const half = radius / 0.72;
  return (
    <rect
      x={x - half}
      y={y - half}
      width={2 * half}
      height={2 * half}
      fill="none"
      stroke={palette.inkSoft}
      strokeWidth={2}
    />
  );
}

function Jar({ at: { x, y } }: { readonly at: Place }) {
  return (
    <path
      transform={`translate(${x} ${y})`}
      d="M-22 -30H22V-20C30 -16 34 -10 34 0V34C34 42 28 46 22 46H-22C-28 46 -34 42 -34 34V0C-34 -10 -30 -16 -22 -20Z"
      fill={materials.jar}
      stroke={palette.inkSoft}
      strokeWidth={2.5}
    />
  );
}
