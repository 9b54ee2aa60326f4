import type { Arrangement } from '@dotting/core';

/** A thing's place on the mirror, in the mirror's own units. */
export interface Place {
  readonly x: number;
  readonly y: number;
  readonly radius: number;
}

export const mirrorSize = { width: 700, height: 560 } as const;

/** Beyond this a row is drawn as a shallow zigzag, so that each thing keeps room for a finger. */
const longestStraightRow = 10;
const goldenAngle = Math.PI * (3 - Math.sqrt(5));

/** Where the things of a set lie on the mirror. */
export function placesOf(size: number, arrangement: Arrangement): readonly Place[] {
  return arrangement === 'movable' ? heap(size) : row(size);
}

function row(size: number): readonly Place[] {
  const step = Math.min(92, (mirrorSize.width - 40) / size);
  const isStraight = size <= longestStraightRow;
  const radius = Math.min(36, step * (isStraight ? 0.42 : 0.82));
  const left = (mirrorSize.width - step * (size - 1)) / 2;
  return Array.from({ length: size }, (_, i) => ({
    x: left + i * step,
    y: mirrorSize.height / 2 + (isStraight ? 0 : i % 2 === 0 ? -radius * 1.15 : radius * 1.15),
    radius,
  }));
}

/** A loose heap at the left, with room at the right to move the things to. */
function heap(size: number): readonly Place[] {
  const radius = size <= longestStraightRow ? 34 : 26;
  return Array.from({ length: size }, (_, i) => {
    const distance = size === 1 ? 0 : radius * 2.1 * Math.sqrt(i + 0.4);
    return {
      x: asideFrom / 2 + distance * Math.cos(i * goldenAngle),
      y: mirrorSize.height / 2 + distance * Math.sin(i * goldenAngle),
      radius,
    };
  });
}

/** From here to the right edge lies the place for the things moved aside. */
export const asideFrom = 530;

/** The thing nearest to a point: every point of the mirror belongs to one. */
export function nearest(places: readonly Place[], x: number, y: number): number {
  let best = 0;
  for (const [i, place] of places.entries()) {
    const held = places[best]!;
    if (Math.hypot(place.x - x, place.y - y) < Math.hypot(held.x - x, held.y - y)) best = i;
  }
  return best;
}
