import fc from 'fast-check';
import type { Word } from '../trace/trace.js';
import { readWords, stepsToRead } from './readWords.js';

const word: fc.Arbitrary<Word> = fc.oneof(
  { weight: 6, arbitrary: fc.integer({ min: 0, max: 25 }) },
  { weight: 1, arbitrary: fc.constantFrom('fiveteen', 'umpty') },
);
const said = fc.array(word, { maxLength: 25 });
const start = fc.integer({ min: 1, max: 15 });

describe(readWords, () => {
  test.each([
    [[1, 2, 3, 4, 5, 7, 8], 1, 1, 5, ['skipped 6']],
    [[1, 2, 3, 5, 4, 6], 1, 1, 3, ['swapped 5,4']],
    [[1, 2, 3, 4, 5, 3, 4, 5, 6], 1, 1, 5, ['looped-back 3']],
    [[1, 2, 3, 8, 5, 6], 1, 1, 3, ['replaced 8']],
    [[14, 'fiveteen', 16], 14, 1, 14, ['replaced fiveteen']],
    [[1, 2, 3, 4, 5, 10], 1, 1, 5, ['skipped 6,7,8,9']],
    [[1, 2, 3, 4, 5, 20], 1, 1, 5, ['inserted 20']],
    [[10, 9, 8, 5], 10, -1, 8, ['skipped 7,6']],
    [[], 1, 1, 0, []],
  ] as const)('reads %j from %d as it was worked out by hand', (words, from, direction, upTo, slips) => {
    const reading = readWords(words, from, direction);
    expect(reading.upTo).toBe(upTo);
    expect(reading.slips.map((slip) => `${slip.kind} ${slip.words.join(',')}`)).toEqual(slips);
  });

  test('a perfect count reads no slip, forward or back', () => {
    fc.assert(
      fc.property(
        start,
        fc.integer({ min: 0, max: 40 }),
        fc.constantFrom(1 as const, -1 as const),
        (from, length, direction) => {
          const words = Array.from({ length }, (_, i) => from + i * direction);
          const reading = readWords(words, from, direction);
          expect(reading).toEqual({ upTo: from + (length - 1) * direction, cost: 0, slips: [] });
        },
      ),
    );
  });

  test('every slip sits at a word that was said, in the order they were said', () => {
    fc.assert(
      fc.property(said, start, (words, from) => {
        const places = readWords(words, from, 1).slips.map((slip) => slip.at);
        expect(places.every((at) => at >= 0 && at < words.length)).toBe(true);
        expect(places).toEqual([...new Set(places)].sort((a, b) => a - b));
      }),
    );
  });

  test('costs never more than calling every word inserted', () => {
    fc.assert(
      fc.property(said, start, (words, from) => {
        const inserted = words.reduce<number>((sum, one) => sum + (typeof one === 'number' ? 115 : 105), 0);
        expect(readWords(words, from, 1).cost).toBeLessThanOrEqual(inserted);
      }),
    );
  });

  test('a count mirrored for going back reads the same', () => {
    fc.assert(
      fc.property(said, start, (words, from) => {
        const mirror = <W extends Word>(one: W): W => (typeof one === 'number' ? 2 * from - one : one) as W;
        const forward = readWords(words, from, 1);
        const back = readWords(words.map(mirror), from, -1);
        expect(back).toEqual({
          upTo: mirror(forward.upTo),
          cost: forward.cost,
          slips: forward.slips.map((slip) => ({
            ...slip,
            words: slip.words.map(mirror),
            after: mirror(slip.after),
          })),
        });
      }),
    );
  });

  test('the slips of the reading account for its whole cost', () => {
    const costOf: Record<string, number> = { repeated: 100, swapped: 120, 'looped-back': 130 };
    fc.assert(
      fc.property(said, start, (words, from) => {
        const { slips, cost } = readWords(words, from, 1);
        const sum = slips.reduce((total, { kind, words: concerned }) => {
          const isNumber = typeof concerned[0] === 'number';
          if (kind === 'skipped') return total + 100 + 5 * (concerned.length - 1);
          if (kind === 'replaced') return total + (isNumber ? 120 : 100);
          if (kind === 'inserted') return total + (isNumber ? 115 : 105);
          return total + costOf[kind]!;
        }, 0);
        expect(cost).toBe(sum);
      }),
    );
  });

  test('agrees with trying every explanation, on short counts', () => {
    fc.assert(
      fc.property(fc.array(word, { maxLength: 6 }), (words) => {
        expect(readWords(words, 1, 1).cost).toBe(cheapestByTryingAll(words, 0));
      }),
      { numRuns: 300 },
    );
  });
});

describe(stepsToRead, () => {
  const anyWord = fc.oneof(fc.integer({ min: 0, max: 1000 }), fc.constantFrom('fiveteen', 'um'));

  test('grows with the words and not with their product, whatever was said', () => {
    fc.assert(
      fc.property(fc.array(anyWord, { minLength: 1, maxLength: 300 }), start, (words, from) => {
        expect(stepsToRead(words, from)).toBeLessThanOrEqual(words.length * 1002);
      }),
    );
  });

  test('is small where the numbers are', () => {
    const words = Array.from({ length: 2000 }, (_, i) => (i * 7) % 20);
    expect(stepsToRead(words, 1)).toBeLessThanOrEqual(2000 * 22);
    const { slips } = readWords(words, 1, 1);
    expect(slips.length).toBeGreaterThan(1000);
  });
});

test('a number too far off to be skipped to is put in between, and no number with a fraction is due', () => {
  expect(readWords([1, 2, 1e9, 3], 1, 1).slips.map((slip) => slip.kind)).toEqual(['inserted']);
  expect(readWords([1, 1.5, 2], 1, 1).slips.map((slip) => slip.kind)).toEqual(['inserted']);
});

/** The cost table of docs/model.md as a plain recursion: the oracle. */
function cheapestByTryingAll(words: readonly Word[], p: number): number {
  const [word, ...rest] = words;
  if (word === undefined) return 0;
  if (word === p + 1) return cheapestByTryingAll(rest, word);
  const isNumber = typeof word === 'number';
  const ways = [
    (isNumber ? 120 : 100) + cheapestByTryingAll(rest, p + 1),
    (isNumber ? 115 : 105) + cheapestByTryingAll(rest, p),
  ];
  if (isNumber && word > p + 1) ways.push(100 + 5 * (word - p - 2) + cheapestByTryingAll(rest, word));
  if (isNumber && word === p && p >= 1) ways.push(100 + cheapestByTryingAll(rest, p));
  if (word === p + 2 && rest[0] === p + 1) ways.push(120 + cheapestByTryingAll(rest.slice(1), p + 2));
  if (isNumber && word >= 1 && word < p) ways.push(130 + cheapestByTryingAll(rest, word));
  return Math.min(...ways);
}
