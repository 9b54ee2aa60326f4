import fc from 'fast-check';
import { figure } from '../common/parameters.js';
import { cells, normalDensity, walkDay, weighed } from './axis.js';

const step = cells[1]! - cells[0]!;
/** What is known, and what was expected before it. */
const aDensity = fc
  .array(fc.double({ min: 0, max: 1, noNaN: true }), { minLength: cells.length, maxLength: cells.length })
  .filter((weights) => weights.some((weight) => weight > 1e-3))
  .map((weights) => {
    const total = weights.reduce((sum, weight) => sum + weight, 0);
    return Float64Array.from(weights, (weight) => weight / total);
  });
const sum = (density: Float64Array): number => density.reduce((all, one) => all + one, 0);
const prior = normalDensity(6, 4);

/** The same by the definition: each half-day a part of every cell goes up, a part down; at an edge it stays. */
function byHand(density: Float64Array, up: number, down: number, fade: number): Float64Array {
  let now = density;
  for (let half = 0; half < 2; half++) {
    const next = new Float64Array(now.length);
    now.forEach((weight, i) => {
      const above = Math.min(i + 1, now.length - 1);
      const below = Math.max(i - 1, 0);
      next[i]! += (1 - up - down) * weight;
      next[above]! += up * weight;
      next[below]! += down * weight;
    });
    now = next;
  }
  return now.map((weight, i) => (1 - fade) * weight + fade * prior[i]!);
}

describe('a day without a look', () => {
  test.each([true, false])(
    'is two half-days of a walk, and a little of what was expected (growing: %s)',
    (growing) => {
      const walk = figure.spread ** 2 / 14 / (2 * step ** 2);
      const lean = growing ? figure.drift / 14 / (2 * step) : 0;
      fc.assert(
        fc.property(aDensity, fc.double({ min: 0, max: 0.2, noNaN: true }), (before, fade) => {
          const after = before.slice();
          walkDay(after, { growing, fade, prior });
          const expected = byHand(before, walk + lean, walk - lean, fade);
          for (const [i, weight] of expected.entries()) expect(after[i]).toBeCloseTo(weight, 12);
        }),
      );
    },
  );

  test('loses nothing and makes nothing', () => {
    fc.assert(
      fc.property(aDensity, (density) => {
        for (let day = 0; day < 30; day++) walkDay(density, { growing: true, fade: 0.01, prior });
        expect(sum(density)).toBeCloseTo(1, 10);
      }),
    );
  });

  test('leaves a better start no worse at any number', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 20 }), fc.integer({ min: 1, max: 10 }), (from, more) => {
        const [worse, better] = [from, from + more].map((mean) => normalDensity(mean, 2).slice());
        for (let day = 0; day < 20; day++)
          for (const one of [worse!, better!]) walkDay(one, { growing: false, fade: 0.02, prior });
        let [tailOfWorse, tailOfBetter] = [0, 0];
        for (let i = cells.length - 1; i >= 0; i--) {
          tailOfWorse += worse![i]!;
          tailOfBetter += better![i]!;
          expect(tailOfBetter).toBeGreaterThanOrEqual(tailOfWorse - 1e-12);
        }
      }),
    );
  });
});

test('what is seen is weighed: a likelihood that says the same everywhere changes nothing', () => {
  fc.assert(
    fc.property(aDensity, fc.double({ min: 0.01, max: 1, noNaN: true }), (density, level) => {
      const { density: after, logEvidence } = weighed(density, new Float64Array(cells.length).fill(level));
      expect(logEvidence).toBeCloseTo(Math.log(level), 8);
      for (const [i, weight] of density.entries()) expect(after[i]).toBeCloseTo(weight, 10);
    }),
  );
});
