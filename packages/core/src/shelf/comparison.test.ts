import fc from 'fast-check';
import { seededRandom } from '../common/random.js';
import { takenUnder } from '../comparing/rules.js';
import { traps, type Comparison } from '../trace/trace.js';
import { comparisonFor, nearRatio, type ComparisonWish } from './comparison.js';
import { counterKinds } from './counters.js';

const wish: ComparisonWish = {
  relation: 'more',
  n: 6,
  things: 'cork',
  kinds: counterKinds,
  differ: traps,
};
const made = (seed: number, of: Partial<ComparisonWish> = {}): Comparison =>
  comparisonFor({ ...wish, ...of }, seededRandom(seed));
const many = (of: Partial<ComparisonWish> = {}): readonly Comparison[] =>
  Array.from({ length: 600 }, (_, seed) => made(seed, of));
const share = (all: readonly Comparison[], is: (one: Comparison) => boolean): number =>
  all.filter(is).length / all.length;

describe(comparisonFor, () => {
  test('the same for the same seed; what lies there has room, and none is larger than asked', () => {
    const wishes = fc.record({
      seed: fc.nat(),
      n: fc.integer({ min: 1, max: 10 }),
      things: fc.constantFrom(...counterKinds),
    });
    fc.assert(
      fc.property(wishes, ({ seed, n, things }) => {
        const comparison = made(seed, { n, things });
        expect(made(seed, { n, things })).toEqual(comparison);
        expect(Math.max(...comparison.sets.map((set) => set.n))).toBe(n);
        for (const set of comparison.sets) {
          if (comparison.lie === 'rows') expect(set.length).toBeGreaterThanOrEqual(set.n * set.across - 5);
          else expect(set.length * set.depth).toBeGreaterThanOrEqual(set.n * set.across ** 2);
        }
      }),
    );
  });

  test('each of length, size and spread points to the larger number in about half of the pairs where it points anywhere', () => {
    const all = many();
    for (const trap of traps) {
      const pointing = all.filter((one) => takenUnder({ rule: trap }, one) !== null);
      expect(pointing.length).toBeGreaterThan(150);
      const agrees = share(
        pointing,
        (one) => takenUnder({ rule: trap }, one) === takenUnder({ rule: 'number' }, one),
      );
      expect(agrees).toBeGreaterThan(0.38);
      expect(agrees).toBeLessThan(0.62);
    }
    expect(share(all, (one) => takenUnder({ rule: 'number' }, one) === 0)).toBeCloseTo(0.5, 1);
  });

  test('length and size part ways in about half of the pairs in which both point', () => {
    const both = many().filter((one) =>
      (['length', 'size'] as const).every((trap) => takenUnder({ rule: trap }, one) !== null),
    );
    expect(
      share(both, (one) => takenUnder({ rule: 'length' }, one) === takenUnder({ rule: 'size' }, one)),
    ).toBeCloseTo(0.5, 1);
  });

  test('near numbers and far ones by turns', () => {
    const isNear = ({ sets }: Comparison): boolean => {
      const ns = sets.map(({ n }) => n);
      return Math.min(...ns) > nearRatio * Math.max(...ns);
    };
    expect(share(many(), isNear)).toBeCloseTo(0.5, 1);
  });

  test('only what is to differ does: without size all things are alike, without length all rows', () => {
    for (const { sets } of many({ differ: ['length'] }))
      expect(new Set(sets.map((set) => set.things)).size).toBe(1);
    for (const { sets } of many({ differ: [] })) expect(new Set(sets.map((set) => set.length)).size).toBe(1);
  });

  test('of pairs that may be the same half are; an empty set comes where it may, and nowhere else', () => {
    const isSame = ({ sets }: Comparison): boolean => sets[0]!.n === sets[1]!.n;
    expect(share(many({ relation: 'same' }), isSame)).toBeCloseTo(0.5, 1);
    expect(share(many(), isSame)).toBe(0);
    const isEmpty = ({ sets }: Comparison): boolean => sets.some((set) => set.n === 0);
    expect(share(many({ mayBeEmpty: true }), isEmpty)).toBeCloseTo(1 / 8, 1);
    expect(share(many(), isEmpty)).toBe(0);
  });

  test('of three there is one with most, and one with least', () => {
    for (const { sets } of many({ relation: 'most', differ: ['length'], n: 7 })) {
      const ns = sets.map(({ n }) => n).toSorted((a, b) => b - a);
      expect(ns[0]).toBeGreaterThan(ns[1]!);
      expect(ns[1]).toBeGreaterThan(ns[2]!);
    }
  });
});
