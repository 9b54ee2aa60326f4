import { seededRandom, type TraySet } from '@dotting/core';

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

/** What decides where the things of a set lie. */
export type LaidSet = Pick<TraySet, 'size' | 'things' | 'arrangement' | 'layout'>;

/** Where the things of a set lie on the mirror; a spread is drawn by lot from its seed. */
export function placesOf({ size, arrangement, layout = {} }: LaidSet): readonly Place[] {
  switch (arrangement) {
    case 'movable':
      return heap(size);
    case 'scattered':
      return turned(spread(size, layout.seed ?? 0), layout.turn);
    case 'ring':
      return turned(ring(size), layout.turn);
    case 'pictures':
      return lines(size);
    case 'frame':
      if (layout.track) return boxesOf(layout.places ?? size).slice(0, size);
      return cells(layout.places ?? size, layout.fill).slice(0, size);
    case 'heard':
    case 'none':
      return [];
    default:
      return row(size);
  }
}

const centre = { x: mirrorSize.width / 2, y: mirrorSize.height / 2 } as const;
const edge = 14;

/** Each at a place drawn by lot within a disc, so that it can be turned, no nearer to another than a finger needs. */
function spread(size: number, seed: number): readonly Place[] {
  const random = seededRandom(seed + size);
  const radius = size <= longestStraightRow ? 34 : 26;
  const reach = centre.y - radius - edge;
  const places: Place[] = [];
  for (let gap = 2.9 * radius; places.length < size; gap *= 0.995) {
    const angle = 2 * Math.PI * random();
    // The root keeps the middle from getting more than its share.
    const distance = reach * Math.sqrt(random());
    const x = centre.x + distance * Math.cos(angle);
    const y = centre.y + distance * Math.sin(angle);
    const isFree = places.every(
      (place) => Math.hypot(place.x - x, place.y - y) >= Math.max(gap, 2.2 * radius),
    );
    if (isFree) places.push({ x, y, radius });
  }
  return places;
}

/** Turned clockwise about the middle, by eighths, to match the real table. */
function turned(places: readonly Place[], eighths = 0): readonly Place[] {
  const angle = (eighths * Math.PI) / 4;
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  return places.map(({ x, y, radius }) => ({
    x: centre.x + (x - centre.x) * cos - (y - centre.y) * sin,
    y: centre.y + (x - centre.x) * sin + (y - centre.y) * cos,
    radius,
  }));
}

/** Evenly round, the first at the top until it is turned. */
function ring(size: number): readonly Place[] {
  const around = mirrorSize.height / 2 - 70;
  const radius = Math.min(36, (Math.PI * around) / Math.max(3, size) / 1.25);
  return Array.from({ length: size }, (_, i) => {
    const angle = (2 * Math.PI * i) / size - Math.PI / 2;
    return { x: centre.x + around * Math.cos(angle), y: centre.y + around * Math.sin(angle), radius };
  });
}

const cellsInRow = 5;
const cellsInFrame = 10;

/**
 * The cells of a frame in the order in which they are filled, line by line or two by two: rows of five, with the dish beside
 * them; beyond ten a second frame of ten below the first.
 */
export function cells(size: number, fill?: 'pairs'): readonly Place[] {
  const places = inLines(size);
  if (fill === undefined) return places;
  const tens = Array.from({ length: Math.ceil(size / cellsInFrame) }, (_, i) =>
    places.slice(cellsInFrame * i, cellsInFrame * (i + 1)),
  );
  return tens.flatMap((ten) => ten.toSorted((a, b) => a.x - b.x || a.y - b.y));
}

function inLines(size: number): readonly Place[] {
  const rows = Math.ceil(size / cellsInRow);
  const gap = size > cellsInFrame ? 30 : 0;
  const step = Math.min(92, (mirrorSize.height - 60 - gap) / rows);
  return Array.from({ length: size }, (_, i) => ({
    x: 60 + step * (i % cellsInRow),
    y:
      mirrorSize.height / 2 +
      step * (Math.floor(i / cellsInRow) - (rows - 1) / 2) +
      (i < cellsInFrame ? -gap / 2 : gap / 2),
    radius: step * 0.36,
  }));
}

/** The boxes of a track, in one row. */
export function boxesOf(count: number): readonly Place[] {
  const step = (mirrorSize.width - 30) / count;
  return Array.from({ length: count }, (_, i) => ({ x: 15 + step * (i + 0.5), y: 140, radius: step * 0.36 }));
}

/** Jars along the top, in one or two rows. */
export function jars(count: number): readonly Place[] {
  const perRow = Math.min(count, 6);
  return Array.from({ length: count }, (_, i) => ({
    x: (mirrorSize.width * ((i % perRow) + 0.5)) / perRow,
    y: 70 + 120 * Math.floor(i / perRow),
    radius: 44,
  }));
}

/** A dish of things at the right or the foot of the mirror, out of the way of the places they go to. */
export function dish(
  size: number,
  at: { readonly x: number; readonly y: number },
  radius: number,
): readonly Place[] {
  return Array.from({ length: size }, (_, i) => {
    const distance = size === 1 ? 0 : radius * 2 * Math.sqrt(i + 0.4);
    return {
      x: at.x + distance * Math.cos(i * goldenAngle),
      y: at.y + distance * Math.sin(i * goldenAngle),
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
  return dish(
    size,
    { x: asideFrom / 2, y: centre.y },
    size <= longestStraightRow ? 34 : size <= 20 ? 26 : 23,
  );
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
