import { drawnForm } from './drawnForm.js';

const line = (...points: readonly (readonly [number, number])[]) =>
  points.map(([x, y], i) => ({ x, y, t: 20 * i }));

test('ink becomes a form one high, in the middle of its box, stroke by stroke from where the hand began', () => {
  const [stroke, ...others] = drawnForm([line([500, 1000], [500, 0])]);
  expect(others).toEqual([]);
  expect(stroke!.from).toEqual([0.3, 1]);
  expect(stroke!.to.at(-1)).toEqual([0.3, 0]);
  const [bar] = drawnForm([line([0, 0], [900, 0], [900, 300])]);
  const xs = [bar!.from, ...bar!.to].map(([x]) => x);
  expect([Math.min(...xs), Math.max(...xs)]).toEqual([0, 0.6]);
});
