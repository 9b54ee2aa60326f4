import { pick, seededRandom, type Random } from '../common/random.js';
import type { DotPattern } from '../trace/trace.js';

/** A dot on a field of 100 × 100. */
export interface PlacedDot {
  readonly x: number;
  readonly y: number;
  readonly r: number;
}

/** Cells of a frame in a line. */
const toALine = 5;
/** From cell to cell. */
const cellSide = 18;
/** As many as a pattern can have: a full frame, both hands. */
export const mostDots = 10;

/** Where the dots of a die lie, in steps from the middle of its face. */
const diePatterns: readonly (readonly (readonly [x: number, y: number])[])[] = [
  [],
  [[0, 0]],
  [
    [-1, -1],
    [1, 1],
  ],
  [
    [-1, -1],
    [0, 0],
    [1, 1],
  ],
  [
    [-1, -1],
    [1, -1],
    [-1, 1],
    [1, 1],
  ],
  [
    [-1, -1],
    [1, -1],
    [0, 0],
    [-1, 1],
    [1, 1],
  ],
  [
    [-1, -1],
    [1, -1],
    [-1, 0],
    [1, 0],
    [-1, 1],
    [1, 1],
  ],
];

/** The dots of a die’s face, in steps from its middle; undefined where no face has so many. */
export const dieFace = (n: number): readonly (readonly [x: number, y: number])[] | undefined =>
  diePatterns[n];

/** The dots of a pattern; none for fingers, which are no dots. The same for the same seed. */
export function dotsOf({ form, n, seed }: DotPattern): readonly PlacedDot[] {
  const random = seededRandom(seed);
  switch (form) {
    case 'loose':
      return looseDots(n, random);
    case 'die':
      return onADie(n, random);
    case 'frame-rows':
    case 'frame-pairs':
      return cellsInOrder(form)
        .slice(0, n)
        .map(([x, y]) => ({ x, y, r: 0.36 * cellSide }));
    case 'fingers':
      return [];
  }
}

/** The middles of a frame’s ten cells, in the order in which it is filled. */
export function cellsInOrder(form: 'frame-rows' | 'frame-pairs'): readonly (readonly [number, number])[] {
  const cells = Array.from({ length: 2 * toALine }, (_, i): readonly [number, number] => {
    const [column, line] =
      form === 'frame-rows' ? [i % toALine, Math.floor(i / toALine)] : [Math.floor(i / 2), i % 2];
    return [50 + (column - 2) * cellSide, 50 + (line - 0.5) * cellSide];
  });
  return cells;
}

/** Fingers held up, from 0 for the left thumb to 9 for the right: one whole hand first, and some. */
export function fingersOf(n: number): ReadonlySet<number> {
  const ofOneHand = (some: number): readonly number[] =>
    some === 5 ? [0, 1, 2, 3, 4] : [1, 2, 3, 4].slice(0, some);
  return new Set([
    ...ofOneHand(Math.min(5, n)),
    ...ofOneHand(Math.max(0, n - 5)).map((finger) => 9 - finger),
  ]);
}

function onADie(n: number, random: Random): readonly PlacedDot[] {
  // A die lies as it lies: two, three and six look otherwise a quarter turned.
  const isTurned = random() < 0.5;
  return (dieFace(n) ?? []).map(([x, y]) => ({
    x: 50 + 22 * (isTurned ? -y : x),
    y: 50 + 22 * (isTurned ? x : y),
    r: 8,
  }));
}

/**
 * How a dot’s size, and the ground they lie on, change with their number, as a power of it, drawn by lot: so on the
 * whole neither the area of all of them nor how close they lie tells how many there are (Dehaene, Izard & Piazza 2005).
 */
const laws = [0, 0.5, 1] as const;
/** Of three dots: how large each is, and the side of their ground. */
const usual = { n: 3, r: 6, side: 46 } as const;
/** So far apart are their middles at least. (dot’s width) */
const apart = 1.15;
/** A draw that finds no place for a dot in so many throws is drawn again, a little smaller. */
const throws = 60;

function looseDots(n: number, random: Random): readonly PlacedDot[] {
  let r = usual.r * (usual.n / Math.max(1, n)) ** pick(random, laws);
  const side = Math.min(100 - 2 * r, usual.side * (Math.max(1, n) / usual.n) ** pick(random, laws));
  for (;;) {
    const middles = scatteredOver(side, n, 2 * r * apart, random);
    if (middles && !looksKnown(middles)) return somewhere(middles, r, random);
    r *= 0.99;
  }
}

function scatteredOver(
  side: number,
  n: number,
  gap: number,
  random: Random,
): readonly (readonly [number, number])[] | null {
  const middles: (readonly [number, number])[] = [];
  for (let thrown = 0; thrown < throws && middles.length < n; thrown++) {
    const at = [side * random(), side * random()] as const;
    if (middles.every((other) => distance(at, other) >= gap)) middles.push(at);
  }
  return middles.length === n ? middles : null;
}

/** Anywhere on the field: where they lie says nothing either. */
function somewhere(
  middles: readonly (readonly [number, number])[],
  r: number,
  random: Random,
): readonly PlacedDot[] {
  const moved = ([0, 1] as const).map((axis) => {
    const along = middles.map((at) => at[axis]);
    const [low, high] = [Math.min(...along), Math.max(...along)];
    const room = 100 - 2 * r - (high - low);
    return r - low + room * random();
  });
  return middles.map(([x, y]) => ({ x: x + moved[0]!, y: y + moved[1]!, r }));
}

/** How alike distances may be to those of a face. (share of the largest) */
const alikeWithin = 0.09;
/** So much thinner than long is a line. */
const thin = 0.2;

/** Nearly a line, or the face of a die: then it could be known and not seen. Two are always in line. */
export function looksKnown(middles: readonly (readonly [x: number, y: number])[]): boolean {
  if (middles.length < 3) return false;
  if (thinness(middles) < thin) return true;
  const face = dieFace(middles.length);
  if (!face) return false;
  const of = distancesIn(face);
  return distancesIn(middles).every((one, i) => Math.abs(one - of[i]!) < alikeWithin);
}

/** All distances between two, smallest first, as shares of the largest: the same however turned or large. */
function distancesIn(middles: readonly (readonly [number, number])[]): readonly number[] {
  const all = middles.flatMap((one, i) => middles.slice(i + 1).map((other) => distance(one, other)));
  const largest = Math.max(...all);
  return all.map((one) => one / largest).toSorted((a, b) => a - b);
}

/** How wide they lie across their longest direction, against along it: 0 for a line, 1 for a round. */
function thinness(middles: readonly (readonly [number, number])[]): number {
  const mean = (of: readonly number[]): number => of.reduce((sum, one) => sum + one, 0) / of.length;
  const [mx, my] = [mean(middles.map(([x]) => x)), mean(middles.map(([, y]) => y))];
  const xx = mean(middles.map(([x]) => (x - mx) ** 2));
  const yy = mean(middles.map(([, y]) => (y - my) ** 2));
  const xy = mean(middles.map(([x, y]) => (x - mx) * (y - my)));
  const half = Math.hypot((xx - yy) / 2, xy);
  const [along, across] = [(xx + yy) / 2 + half, Math.max(0, (xx + yy) / 2 - half)];
  return Math.sqrt(across / along);
}

const distance = ([a, b]: readonly [number, number], [c, d]: readonly [number, number]): number =>
  Math.hypot(a - c, b - d);
