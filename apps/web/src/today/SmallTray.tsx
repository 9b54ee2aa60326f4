import type { TraySet } from '@dotting/core';
import type { ReactNode } from 'react';
import { fieldWidth, Patterns } from '../childSide/Pattern.js';
import { headingFont, materials, palette } from '../common/theme.js';
import { mirrorSize, placesOf, type Place } from '../sitting/tray/mirrorLayout.js';
import { Lying } from '../sitting/tray/Lying.js';
import { CardsDrawing } from '../sitting/tray/CardsDrawing.js';
import { RecordDrawing } from '../sitting/tray/RecordDrawing.js';
import { PartsDrawing } from '../sitting/tray/PartsDrawing.js';
import { Sets } from '../sitting/tray/Sets.js';
import { Things } from '../sitting/tray/Things.js';

const whole = { x: 0, y: 0, ...mirrorSize } as const;
/** Around the things, and the least a drawing shows, in the mirror's units: few things are not drawn huge. */
const margin = 16;
const least = { width: 330, height: 220 } as const;

/** What is laid, drawn small: a sign to find the line by. What it shows stands beside it in words. */
export function SmallTray({ set, n }: { readonly set: TraySet; readonly n: number }) {
  const [{ x, y, width, height }, drawing] = drawn(set, n);
  return (
    <svg
      aria-hidden
      viewBox={`${x} ${y} ${width} ${height}`}
      width={84}
      height={56}
      style={{ display: 'block' }}
    >
      {drawing}
    </svg>
  );
}

type Frame = { readonly x: number; readonly y: number; readonly width: number; readonly height: number };

function drawn(set: TraySet, n: number): readonly [Frame, ReactNode] {
  const { arrangement, layout, pile } = set;
  if (layout?.patterns)
    return [
      { x: 0, y: 0, width: fieldWidth(layout.patterns.length), height: 100 },
      <Patterns key="patterns" patterns={layout.patterns} />,
    ];
  if (layout?.comparison) return [whole, <Sets key="sets" set={set} />];
  if (layout?.cards) return [whole, <CardsDrawing key="cards" set={set} />];
  if (layout?.records || layout?.sorted) return [whole, <RecordDrawing key="record" set={set} />];
  if (arrangement === 'none') return [{ x: 0, y: 0, width: 84, height: 56 }, <Said key="said" to={n} />];
  if (arrangement === 'heard') return [{ x: 0, y: 0, width: 84, height: 56 }, <ClosedTin key="tin" />];
  if (layout?.parts || layout?.pairs || layout?.carry) return [whole, <PartsDrawing key="parts" set={set} />];
  if (pile !== undefined || layout?.bowls || layout?.model)
    return [whole, <Lying key="lying" set={set} bowl={null} />];
  const things = <Things key="things" set={set} inDish />;
  return layout?.places === undefined && arrangement !== 'movable' && set.size > 0
    ? [around(placesOf(set)), things]
    : [whole, things];
}

/** The part of the mirror on which things lie. */
function around(places: readonly Place[]): Frame {
  const ends = (of: (place: Place) => number, least: number): readonly [number, number] => {
    const from = Math.min(...places.map((place) => of(place) - place.radius)) - margin;
    const to = Math.max(...places.map((place) => of(place) + place.radius)) + margin;
    const length = Math.max(least, to - from);
    return [(from + to - length) / 2, length];
  };
  const [x, width] = ends((place) => place.x, least.width);
  const [y, height] = ends((place) => place.y, least.height);
  return { x, y, width, height };
}

/** Nothing is laid: numbers are said. */
const Said = ({ to }: { readonly to: number }) => (
  <text x={42} y={33} textAnchor="middle" fontFamily={headingFont} fontSize={15} fill={palette.inkSoft}>
    1 2 3 … {to}
  </text>
);

/** Things that are heard, and not seen. */
const ClosedTin = () => (
  <g stroke={palette.inkSoft} strokeWidth={2}>
    <path d="M18 14V42C18 48 66 48 66 42V14" fill={materials.tin} />
    <ellipse cx={42} cy={14} rx={24} ry={7} fill={materials.tinTop} />
  </g>
);
