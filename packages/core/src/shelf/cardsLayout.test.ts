import fc from 'fast-check';
import { seededRandom } from '../common/random.js';
import { usualSchools } from '../schools/schools.js';
import { cardsFor, sortedFor } from './cardsLayout.js';
import { counterKinds } from './counters.js';
import { layoutFor } from './layout.js';
import { taskOf } from './tasks.js';

const plain = { mixedUp: [], schools: usualSchools };
const seeds = fc.integer({ min: 0, max: 1e6 });
const numbers = fc.integer({ min: 0, max: 20 });

test('a numeral to find lies once among three others, what this child mixes up with it first', () => {
  fc.assert(
    fc.property(seeds, numbers, (seed, n) => {
      const { cards } = cardsFor('find', n, plain, seededRandom(seed));
      expect(cards.filter((card) => card === n)).toHaveLength(1);
      expect(new Set(cards).size).toBe(4);
    }),
  );
  const lies = (mixedUp: readonly number[]) =>
    layoutFor(taskOf('find-it'), 4, 'cork', 5, undefined, { mixedUp })!.cards!.cards;
  expect(lies([17])).toContain(17);
  expect(lies([])).not.toContain(17);
  for (const [n, alike] of [
    [6, 9],
    [9, 6],
    [2, 5],
    [3, 8],
    [1, 7],
    [12, 21],
    [13, 31],
    [14, 40],
  ] as const)
    expect(cardsFor('find', n, plain, seededRandom(n)).cards).toContain(alike);
});

test('all of a number: three of it, and the others next to it or like it', () => {
  fc.assert(
    fc.property(seeds, fc.integer({ min: 2, max: 8 }), (seed, n) => {
      const pictures = cardsFor('find-pictures', n, plain, seededRandom(seed)).cards;
      expect(pictures.filter((card) => card === n)).toHaveLength(3);
      expect(pictures.every((card) => Math.abs(card - n) <= 1)).toBe(true);
      const cards = cardsFor('find-all', n, plain, seededRandom(seed)).cards;
      expect(cards.filter((card) => card === n)).toHaveLength(3);
      expect(cards.length).toBeGreaterThanOrEqual(8);
    }),
  );
});

test('kinds to sort make the whole, one of them plainly the most', () => {
  fc.assert(
    fc.property(seeds, fc.integer({ min: 5, max: 12 }), (seed, n) => {
      const kinds = sortedFor(n, counterKinds, seededRandom(seed)).map((one) => one.n);
      expect(kinds.reduce((sum, one) => sum + one, 0)).toBe(n);
      expect(Math.min(...kinds)).toBeGreaterThanOrEqual(1);
      expect(kinds.filter((one) => one === Math.max(...kinds))).toHaveLength(1);
    }),
  );
});

test('sets to be given their cards all differ, the largest among them', () => {
  fc.assert(
    fc.property(seeds, fc.integer({ min: 4, max: 10 }), (seed, n) => {
      const { cards } = cardsFor('match', n, plain, seededRandom(seed));
      expect(new Set(cards).size).toBe(4);
      expect(Math.max(...cards)).toBe(n);
    }),
  );
});
