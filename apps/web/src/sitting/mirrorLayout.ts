import { seededRandom, type Arrangement } from '@dotting/core';

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

/** Where the things of a set lie on the mirror; a spread is drawn by lot from the seed. */
export function placesOf(size: number, arrangement: Arrangement, seed = 0): readonly Place[] {
  switch (arrangement) {
    case 'movable':
      return heap(size);
    case 'scattered':
      return spread(size, seed);
    case 'ring':
      return ring(size);
    case 'pictures':
      return lines(size);
    default:
      return row(size);
  }
}

/** Each at a place drawn by lot, no nearer to another than a finger needs. */
function spread(size: number, seed: number): readonly Place[] {
  const random = seededRandom(seed * 7919 + size);
  const radius = size <= longestStraightRow ? 34 : 26;
  const edge = radius + 14;
  const places: Place[] = [];
  for (let gap = 2.9 * radius; places.length < size; gap *= 0.995) {
    const x = edge + random() * (mirrorSize.width - 2 * edge);
    const y = edge + random() * (mirrorSize.height - 2 * edge);
    const isFree = places.every(
      (place) => Math.hypot(place.x - x, place.y - y) >= Math.max(gap, 2.2 * radius),
    );
    if (isFree) places.push({ x, y, radius });
  }
  return places;
}

/** Evenly round, the first at the top: nothing else marks the beginning. */
function ring(size: number): readonly Place[] {
  const around = mirrorSize.height / 2 - 70;
  const radius = Math.min(36, (Math.PI * around) / Math.max(3, size) / 1.25);
  return Array.from({ length: size }, (_, i) => {
    const angle = (2 * Math.PI * i) / size - Math.PI / 2;
    return {
      x: mirrorSize.width / 2 + around * Math.cos(angle),
      y: mirrorSize.height / 2 + around * Math.sin(angle),
      radius,
    };
  });
}

/** As on a page: in lines of uneven length. */
function lines(size: number): readonly Place[] {
  const perLine = Math.max(2, Math.ceil(Math.sqrt(size * 1.2)));
  const lineCount = Math.ceil(size / perLine);
  const radius = Math.min(36, mirrorSize.height / lineCount / 3);
  return Array.from({ length: size }, (_, i) => {
    const [line, place] = [Math.floor(i / perLine), i % perLine];
    return {
      x: (mirrorSize.width * (place + (line % 2 === 0 ? 0.7 : 0.4))) / (perLine + 0.4),
      y: (mirrorSize.height * (line + 0.5)) / lineCount,
      radius,
    };
  });
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
