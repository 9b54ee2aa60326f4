import fc from 'fast-check';
import { chanceOfNaming, numeralsExpected, numeralsLearned, type NumeralTry } from './numerals.js';

const day = '2026-03-02';
const named = (n: number, success: boolean, facts: Partial<NumeralTry> = {}): NumeralTry => ({
  n,
  by: 'named',
  success,
  choices: null,
  instead: null,
  weight: 1,
  day,
  ...facts,
});
const of = (tries: readonly NumeralTry[], n: number, date = day): number => numeralsLearned(tries, date)[n]!;

test('named right tells most, found among four less, and among two less again', () => {
  const found = (choices: number) => of([named(6, true, { by: 'found', choices })], 6);
  expect(of([named(6, true)], 6)).toBeGreaterThan(found(4));
  expect(found(4)).toBeGreaterThan(found(2));
  expect(found(2)).toBeGreaterThan(of([], 6));
  // By hand: odds of 0.3, times 0.92 against 0.05.
  expect(of([named(6, true)], 6)).toBeCloseTo((0.3 * 0.92) / (0.3 * 0.92 + 0.7 * 0.05), 9);
});

test('named 9 for 6 speaks against 6, less so against 9, and says nothing of 7', () => {
  const tries = [named(6, false, { instead: 9 })];
  expect(of(tries, 6)).toBeLessThan(of(tries, 9));
  expect(of(tries, 9)).toBeLessThan(of([], 9));
  expect(of(tries, 7)).toBe(of([], 7));
});

const anyTry = fc.record({
  n: fc.integer({ min: 0, max: 20 }),
  success: fc.boolean(),
  weight: fc.double({ min: 0.1, max: 1, noNaN: true }),
  on: fc.integer({ min: 0, max: 200 }),
});
const dayAfter = (days: number): string =>
  new Date(Date.parse(day) + days * 86_400_000).toISOString().slice(0, 10);

test('time alone never makes a numeral more probable than it was', () => {
  fc.assert(
    fc.property(fc.array(anyTry, { maxLength: 12 }), fc.integer({ min: 0, max: 300 }), (drawn, later) => {
      const tries = drawn.map(({ n, success, weight, on }) =>
        named(n, success, { weight, day: dayAfter(on) }),
      );
      const now = numeralsLearned(tries, dayAfter(200));
      const then = numeralsLearned(tries, dayAfter(200 + later));
      // Towards what was expected before the first try: what was missed is doubted less, never claimed.
      then.forEach((one, n) => expect(one).toBeLessThanOrEqual(Math.max(now[n]!, 0.3) + 1e-9));
    }),
  );
});

test('for the choice of a question what was not learned may be by now, and what was may be lost', () => {
  const missed = [named(8, false)];
  expect(numeralsExpected(missed, dayAfter(70))[8]).toBeGreaterThan(numeralsExpected(missed, day)[8]!);
  const right = [named(8, true), named(8, true)];
  expect(numeralsExpected(right, dayAfter(70))[8]).toBeLessThan(numeralsExpected(right, day)[8]!);
  expect(chanceOfNaming(1)).toBeCloseTo(0.92);
  expect(chanceOfNaming(0)).toBeCloseTo(0.05);
});
