import {
  boxOf,
  distance,
  extentOf,
  lengthOf,
  nearest,
  resampled,
  type InkStroke,
  type Point,
} from './stroke.js';

/** A lift so short, in ms, and so little moved, in extents, is a hand that hesitates. */
const hesitation = { ms: 300, moved: 0.12 } as const;
/** A dot is shorter than this. (extents) */
const dot = 0.12;
/** Ink so near to other ink lies on it. (extents) */
const onIt = 0.075;
/** Of a stroke that was only gone over, or was begun again, so much lies on other ink. (share) */
const goneOver = 0.92;

/** The strokes of a numeral, without what is no fault and no part of it. */
export interface Tidied {
  readonly strokes: readonly InkStroke[];
  /** Dots, strokes gone over, and ones given up and begun again. */
  readonly leftOut: number;
}

/** Joins what a hesitating hand has parted, and leaves out dots and what lies wholly on other ink. */
export function tidied(ink: readonly InkStroke[]): Tidied {
  const all = ink.filter((stroke) => stroke.length > 0);
  const extent = extentOf(boxOf(all.flat())) || 1;
  const joined = joinedUp(all, extent);
  const drawn = joined.filter((stroke) => joined.length === 1 || lengthOf(stroke) > dot * extent);
  const kept = withoutGoneOver(drawn, extent);
  return { strokes: kept, leftOut: joined.length - kept.length };
}

function joinedUp(strokes: readonly InkStroke[], extent: number): readonly InkStroke[] {
  return strokes.reduce<readonly InkStroke[]>((done, stroke) => {
    const before = done.at(-1);
    if (!before) return [stroke];
    const [end, start] = [before.at(-1)!, stroke[0]!];
    const isHesitant = start.t - end.t <= hesitation.ms && distance(end, start) <= hesitation.moved * extent;
    return isHesitant ? [...done.slice(0, -1), [...before, ...stroke]] : [...done, stroke];
  }, []);
}

/** The shortest first: of two that lie on one another the longer stays, of two alike the later. */
function withoutGoneOver(strokes: readonly InkStroke[], extent: number): readonly InkStroke[] {
  const points = new Map(strokes.map((stroke) => [stroke, resampled(stroke, 24)]));
  let kept = strokes;
  for (const stroke of strokes.toSorted((a, b) => lengthOf(a) - lengthOf(b))) {
    if (kept.length === 1) break;
    const others = kept.filter((one) => one !== stroke).flatMap((one) => points.get(one)!);
    if (shareOn(points.get(stroke)!, others, onIt * extent) >= goneOver)
      kept = kept.filter((one) => one !== stroke);
  }
  return kept;
}

const shareOn = (points: readonly Point[], others: readonly Point[], within: number): number =>
  points.filter((one) => nearest(one, others) <= within).length / points.length;
