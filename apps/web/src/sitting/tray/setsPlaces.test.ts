import { counters, layoutFor, taskOf, type Comparison } from '@dotting/core';
import { mirrorSize } from './mirrorLayout.js';
import { setsPlaces } from './setsPlaces.js';

const kinds = counters.map(({ id }) => id);
const pairs = ['which-more', 'which-fewer', 'same-or-not', 'most-of-three'].flatMap((id) =>
  Array.from({ length: 60 }, (_, seed): readonly [Comparison, number] => [
    layoutFor(taskOf(id), 3 + (seed % 8), 'cork', seed, undefined, { kinds })!.comparison!,
    seed,
  ]),
);

test('every thing has its place on the mirror, within the part of its own set, and none lies upon another', () => {
  for (const [comparison, seed] of pairs) {
    const part = mirrorSize.width / comparison.sets.length;
    setsPlaces(comparison, seed).forEach((places, i) => {
      expect(places).toHaveLength(comparison.sets[i]!.n);
      for (const [k, { x, y, radius }] of places.entries()) {
        expect(x - radius).toBeGreaterThanOrEqual(part * i - 1);
        expect(x + radius).toBeLessThanOrEqual(part * (i + 1) + 1);
        expect(y - radius).toBeGreaterThanOrEqual(-1);
        expect(y + radius).toBeLessThanOrEqual(mirrorSize.height + 1);
        for (const other of places.slice(0, k))
          expect(Math.hypot(other.x - x, other.y - y)).toBeGreaterThan(1.85 * radius);
      }
    });
  }
});

test('all at one scale: the longer row is drawn longer, and from the same end', () => {
  const rows = pairs.filter(([{ lie, sets }]) => lie === 'rows' && sets.every(({ n }) => n > 1));
  expect(rows.length).toBeGreaterThan(60);
  for (const [comparison, seed] of rows) {
    const drawn = setsPlaces(comparison, seed).map((places) => {
      const ys = places.map(({ y }) => y);
      return {
        length: Math.max(...ys) - Math.min(...ys) + 2 * places[0]!.radius,
        foot: Math.max(...ys) + places[0]!.radius,
      };
    });
    const [first] = comparison.sets;
    for (const [i, { length, foot }] of drawn.entries()) {
      expect(length / drawn[0]!.length).toBeCloseTo(comparison.sets[i]!.length / first!.length, 5);
      expect(foot).toBeCloseTo(drawn[0]!.foot, 5);
    }
  }
});
