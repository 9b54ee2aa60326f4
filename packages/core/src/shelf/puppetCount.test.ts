import fc from 'fast-check';
import { readPairing } from '../reading/readPairing.js';
import { readWords } from '../reading/readWords.js';
import { puppetCount } from './puppetCount.js';

const counts = fc.record({ n: fc.integer({ min: 4, max: 20 }), seed: fc.integer({ min: 0, max: 9999 }) });

describe(puppetCount, () => {
  test('words have the slip they are said to have, once, or none', () => {
    fc.assert(
      fc.property(counts, ({ n, seed }) => {
        const { words, touches, slip } = puppetCount('words', n, seed);
        expect(touches).toEqual([]);
        expect(readWords(words, 1, 1).slips.map(({ kind }) => kind)).toEqual(slip === 'none' ? [] : [slip]);
        expect([words[0], words.at(-1)]).toEqual([1, n]);
      }),
    );
  });

  test('touches have the slip they are said to have, once, or none; their words run in order', () => {
    fc.assert(
      fc.property(counts, ({ n, seed }) => {
        const { words, touches, slip } = puppetCount('touches', n, seed);
        const pass = touches.map((item, i) => ({
          kind: 'count' as const,
          word: words[i]!,
          item,
          seq: i,
          t: i,
        }));
        expect(readPairing(n, pass).slips.map(({ kind }) => kind)).toEqual(slip === 'none' ? [] : [slip]);
        expect(readWords(words, 1, 1).slips).toEqual([]);
      }),
    );
  });

  test('is the same for the same seed, and every slip comes up', () => {
    expect(puppetCount('words', 8, 3)).toEqual(puppetCount('words', 8, 3));
    const slips = (of: 'words' | 'touches') =>
      new Set(Array.from({ length: 60 }, (_, seed) => puppetCount(of, 8, seed).slip));
    expect([...slips('words')].toSorted()).toEqual(['none', 'repeated', 'skipped', 'swapped']);
    expect([...slips('touches')].toSorted()).toEqual(['double-counted', 'missed', 'none']);
  });

  test('three is too short to judge', () => {
    expect(() => puppetCount('words', 3, 1)).toThrow(/too short/);
  });
});
