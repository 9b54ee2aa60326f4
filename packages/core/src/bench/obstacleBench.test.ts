import { benchObstacles } from './obstacleBench.js';

test('what stands in the way of a simulated child is named rightly for most, and little is over-claimed', () => {
  const { namedRightly, steppedRightly, overClaimed } = benchObstacles(40, 5);
  expect(namedRightly).toBeGreaterThanOrEqual(0.85);
  expect(steppedRightly).toBeGreaterThanOrEqual(0.7);
  expect(overClaimed).toBeLessThanOrEqual(0.05);
});
