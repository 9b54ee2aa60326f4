import type { Arrangement } from '@dotting/core';
import { mirrorSize, nearest, placesOf, type Place } from './mirrorLayout.js';

const sizes = Array.from({ length: 20 }, (_, i) => i + 1);
const things = 'cork';
const laid = (size: number, arrangement: Arrangement, seed = 3, turn = 0): readonly Place[] =>
  placesOf({ size, arrangement, things, layout: { seed, turn } });

describe.each(['row', 'movable', 'scattered', 'ring', 'pictures', 'frame'] as const)(
  'things %s',
  (arrangement) => {
    test.each(sizes)('%i lie on the mirror and apart, however they are turned', (size) => {
      for (const turn of [0, 1, 2, 5]) {
        const places = laid(size, arrangement, 3, turn);
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
      }
    });
  },
);

test('a spread is the same for the same seed, and another for another', () => {
  expect(laid(9, 'scattered', 4)).toEqual(laid(9, 'scattered', 4));
  expect(laid(9, 'scattered', 4)).not.toEqual(laid(9, 'scattered', 5));
});

test('turning goes round: eight eighths are where it began, and the distances stay', () => {
  const [from, to] = [laid(7, 'scattered', 4), laid(7, 'scattered', 4, 3)];
  const apart = (places: readonly Place[]) =>
    Math.hypot(places[0]!.x - places[6]!.x, places[0]!.y - places[6]!.y);
  expect(apart(to)).toBeCloseTo(apart(from));
  expect(to[0]!.x).not.toBeCloseTo(from[0]!.x);
  expect(laid(7, 'ring', 4, 8)[0]!.y).toBeCloseTo(laid(7, 'ring', 4)[0]!.y);
});

test('a finger anywhere means the thing nearest to it', () => {
  const places = laid(5, 'row');
  for (const [i, { x, y }] of places.entries()) expect(nearest(places, x + 8, y - 200)).toBe(i);
});

test('what is only heard or said lies nowhere', () => {
  expect(laid(5, 'heard')).toEqual([]);
  expect(laid(5, 'none')).toEqual([]);
});

test('a frame has its cells whatever lies in them, twenty as two frames of ten', () => {
  const seven = placesOf({ size: 7, arrangement: 'frame', things, layout: { places: 10 } });
  expect(seven).toEqual(
    placesOf({ size: 10, arrangement: 'frame', things, layout: { places: 10 } }).slice(0, 7),
  );
  const twenty = placesOf({ size: 17, arrangement: 'frame', things, layout: { places: 20 } });
  const between = (from: number, to: number) => twenty[to]!.y - twenty[from]!.y;
  expect(between(5, 10)).toBeGreaterThan(between(0, 5));
});
