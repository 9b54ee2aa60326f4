import { seededRandom, type Comparison } from '@dotting/core';
import { mirrorSize, type Place } from './mirrorLayout.js';

const edge = 24;

/**
 * Where the things of sets side by side lie on the mirror, all at one scale: each set in its own part of the width, its
 * near end at the foot, rows running away from the child.
 *
 * @param seed of the layout: a spread is the same for the same seed
 * @returns a list for each set, from the left
 */
export function setsPlaces({ sets, lie }: Comparison, seed: number): readonly (readonly Place[])[] {
  const part = mirrorSize.width / sets.length;
  const longest = Math.max(...sets.map(({ length }) => length));
  const deepest = Math.max(...sets.map(({ depth }) => depth));
  const scale = Math.min((mirrorSize.height - 2 * edge) / longest, (part - 2 * edge) / deepest);
  const foot = mirrorSize.height / 2 + (longest * scale) / 2;
  return sets.map(({ n, length, depth, across }, i) => {
    const radius = (across / 2) * scale;
    const middle = part * (i + 0.5);
    const along = spanOf(n, length * scale - 2 * radius);
    if (lie === 'rows') return along.map((at) => ({ x: middle, y: foot - radius - at, radius }));
    const room = depth * scale - 2 * radius;
    const random = seededRandom(seed + i);
    return along.map((at, k) => ({
      // By turns on this side and that, so that none lies upon another.
      x: middle + (room / 2) * (k % 2 === 0 ? 0.5 + 0.5 * random() : -0.5 - 0.5 * random()),
      y: foot - radius - at,
      radius,
    }));
  });
}

/** From one end of a span to the other; one alone at its near end. */
const spanOf = (n: number, span: number): readonly number[] =>
  Array.from({ length: n }, (_, k) => (n === 1 ? 0 : (span * k) / (n - 1)));
