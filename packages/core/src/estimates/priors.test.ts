import fc from 'fast-check';
import { arrangements } from '../trace/trace.js';
import { meanOf, normalDensity } from './axis.js';
import { borrowed, countOutPriorMean, fromTheEasiest, orderPriorMean } from './priors.js';

const laid = fc.constantFrom(...arrangements.filter((one) => one !== 'none'));

describe(borrowed, () => {
  test('what is known of one arrangement is a density for every other, moved by how much harder it is', () => {
    fc.assert(
      fc.property(laid, laid, fc.integer({ min: 6, max: 20 }), (from, to, mean) => {
        const known = normalDensity(mean, 2);
        const lent = borrowed(known, from, to);
        expect(lent.reduce((sum, weight) => sum + weight, 0)).toBeCloseTo(1, 6);
        const isHarder = fromTheEasiest.indexOf(to) > fromTheEasiest.indexOf(from);
        expect(meanOf(lent)).toBeLessThanOrEqual(meanOf(known) + (isHarder ? 0.05 : 3.05));
      }),
    );
  });

  test('scattered lies two below a row', () => {
    const known = normalDensity(10, 1);
    expect(meanOf(borrowed(known, 'row', 'scattered'))).toBeCloseTo(meanOf(known) - 2, 1);
  });
});

test('counting out is expected after the words alone; without an age nothing is expected', () => {
  expect(countOutPriorMean(48)).toBe(orderPriorMean(48)! - 3);
  expect(countOutPriorMean(null)).toBeNull();
});
