import { mirrorSize, nearest, placesOf } from './mirrorLayout.js';

const sizes = Array.from({ length: 20 }, (_, i) => i + 1);

describe.each(['row', 'movable', 'scattered', 'ring', 'pictures'] as const)('things %s', (arrangement) => {
  test.each(sizes)('%i lie on the mirror and apart', (size) => {
    const places = placesOf(size, arrangement, 3);
    expect(places).toHaveLength(size);
    for (const [i, { x, y, radius }] of places.entries()) {
      expect(x - radius).toBeGreaterThanOrEqual(0);
      expect(x + radius).toBeLessThanOrEqual(mirrorSize.width);
      expect(y - radius).toBeGreaterThanOrEqual(0);
      expect(y + radius).toBeLessThanOrEqual(mirrorSize.height);
      for (const other of places.slice(i + 1)) {
        expect(Math.hypot(other.x - x, other.y - y)).toBeGreaterThan(radius + other.radius);
      }
    }
  });
});

test('a spread is the same for the same seed, and another for another', () => {
  expect(placesOf(9, 'scattered', 4)).toEqual(placesOf(9, 'scattered', 4));
  expect(placesOf(9, 'scattered', 4)).not.toEqual(placesOf(9, 'scattered', 5));
});

test('a finger anywhere means the thing nearest to it', () => {
  const places = placesOf(5, 'row');
  for (const [i, { x, y }] of places.entries()) expect(nearest(places, x + 8, y - 200)).toBe(i);
});
