import fc from 'fast-check';
import { arrangements } from '../trace/trace.js';
import { borrowedTracking, countOutPriorMean, orderPriorMean } from './priors.js';
import { tracking, trackingPrior } from './tracking.js';

const laid = fc.constantFrom(...arrangements.filter((one) => one !== 'none'));
const known = tracking(
  Array.from({ length: 8 }, () => ({ n: 9, success: true, firstSlip: null, weight: 1 })),
).posterior;
const chanceOfNine = (prior: Float64Array): number => tracking([], { prior }).chanceAt(9);

describe(borrowedTracking, () => {
  test('what is known of one arrangement is a prior for every other', () => {
    fc.assert(
      fc.property(laid, laid, (from, to) => {
        const lent = borrowedTracking(known, from, to, trackingPrior());
        expect(lent.reduce((sum, weight) => sum + weight, 0)).toBeCloseTo(1, 9);
        expect(Math.min(...lent)).toBeGreaterThanOrEqual(0);
      }),
    );
  });

  test('a spread is lent less than a row, and both more than nothing', () => {
    const row = chanceOfNine(borrowedTracking(known, 'row', 'row', trackingPrior()));
    const spread = chanceOfNine(borrowedTracking(known, 'row', 'scattered', trackingPrior()));
    expect(spread).toBeLessThan(row);
    expect(spread).toBeGreaterThan(chanceOfNine(trackingPrior()));
  });
});

test('counting out is expected after the words alone; without an age nothing is expected', () => {
  expect(countOutPriorMean(48)).toBe(orderPriorMean(48)! - 3);
  expect(countOutPriorMean(null)).toBeNull();
});
