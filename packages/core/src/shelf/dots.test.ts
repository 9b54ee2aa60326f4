import fc from 'fast-check';
import { patternForms } from '../trace/trace.js';
import { dotsOf, fingersOf, looksKnown, mostDots, type PlacedDot } from './dots.js';

const middles = (dots: readonly PlacedDot[]) => dots.map(({ x, y }) => [x, y] as const);
const draws = 1500;

/** Correlation of a figure of a loose set with how many there are, over many draws of one to six. */
function tellsNumber(figure: (dots: readonly PlacedDot[]) => number, least = 1): number {
  const pairs = Array.from({ length: draws }, (_, seed) => {
    const n = least + (seed % (7 - least));
    return [Math.log(n), Math.log(figure(dotsOf({ form: 'loose', n, seed })))] as const;
  });
  const mean = (of: readonly number[]) => of.reduce((sum, one) => sum + one, 0) / of.length;
  const [mx, my] = [mean(pairs.map(([x]) => x)), mean(pairs.map(([, y]) => y))];
  const covariance = mean(pairs.map(([x, y]) => (x - mx) * (y - my)));
  const spread = (i: 0 | 1, m: number) => Math.sqrt(mean(pairs.map((pair) => (pair[i] - m) ** 2)));
  return covariance / (spread(0, mx) * spread(1, my));
}

test('a pattern is so many dots, apart and on the field, and the same again for the same seed', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...patternForms.filter((form) => form !== 'fingers')),
      fc.integer({ min: 0, max: mostDots }),
      fc.integer({ min: 0, max: 2 ** 31 }),
      (form, wanted, seed) => {
        const n = form === 'die' ? Math.min(6, wanted) : wanted;
        const dots = dotsOf({ form, n, seed });
        expect(dots).toHaveLength(n);
        expect(dotsOf({ form, n, seed })).toEqual(dots);
        for (const { x, y, r } of dots) {
          expect(Math.min(x, y) - r).toBeGreaterThanOrEqual(-1e-9);
          expect(Math.max(x, y) + r).toBeLessThanOrEqual(100 + 1e-9);
        }
        dots.forEach((one, i) =>
          dots
            .slice(i + 1)
            .forEach((other) =>
              expect(Math.hypot(one.x - other.x, one.y - other.y)).toBeGreaterThan(one.r + other.r),
            ),
        );
      },
    ),
  );
});

test('loose dots are never in a line nor as on a die, a face turned and stretched is known', () => {
  for (let seed = 0; seed < draws; seed++) {
    const n = 3 + (seed % 4);
    expect(looksKnown(middles(dotsOf({ form: 'loose', n, seed })))).toBe(false);
  }
  for (const n of [3, 4, 5, 6]) {
    const face = middles(dotsOf({ form: 'die', n, seed: 3 }));
    const turned = face.map(([x, y]) => [0.8 * x - 0.6 * y, 0.6 * x + 0.8 * y] as const);
    expect(looksKnown(turned)).toBe(true);
  }
  expect(looksKnown([1, 2, 3, 4].map((i) => [10 * i, 20 * i + (i % 2)] as const))).toBe(true);
});

test('neither the area of all dots nor how close they lie tells how many there are', () => {
  const area = (dots: readonly PlacedDot[]) => dots.reduce((sum, { r }) => sum + r * r, 0);
  const closeness = (dots: readonly PlacedDot[]) => {
    const along = (axis: 'x' | 'y') => {
      const all = dots.map((dot) => dot[axis]);
      return Math.max(...all) - Math.min(...all);
    };
    // The ground of so many points grows to its whole with their number.
    const share = ((dots.length - 1) / (dots.length + 1)) ** 2;
    return dots.length / ((along('x') * along('y')) / share);
  };
  expect(Math.abs(tellsNumber(area))).toBeLessThan(0.1);
  expect(Math.abs(tellsNumber(closeness, 3))).toBeLessThan(0.15);
  // A measure that does tell is found out.
  expect(tellsNumber((dots) => dots.length)).toBeCloseTo(1);
});

test('fingers are held up one whole hand first, and no thumb for four', () => {
  for (let n = 0; n <= 10; n++) expect(fingersOf(n).size).toBe(n);
  expect([...fingersOf(4)]).not.toContain(0);
  expect([...fingersOf(7)].filter((finger) => finger < 5)).toHaveLength(5);
});
