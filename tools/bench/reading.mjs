import { loadCore } from '../lib/core.mjs';
import { Bench } from 'tinybench';

/** Forty words full of slips: left out, said twice, swapped, gone round again, and no numbers at all. */
const slippedCount = [
  1,
  2,
  3,
  5,
  5,
  6,
  8,
  7,
  9,
  10,
  4,
  5,
  6,
  7,
  8,
  9,
  10,
  11,
  12,
  14,
  'fiveteen',
  16,
  17,
  17,
  19,
  18,
  20,
  30,
  21,
  22,
  'umpty',
  24,
  25,
  20,
  21,
  22,
  24,
  26,
  28,
  27,
];

/** Drawn by a simple rule, so that every run reads the same. */
const drawn = (most) => Array.from({ length: 2_000 }, (_, i) => (i * i * 7 + i * 31) % most);
const longest = [
  ['of 1 to 30, in disorder', drawn(31)],
  ['of 1 to 1000, in disorder', drawn(1_001)],
  ['that are none', Array.from({ length: 2_000 }, () => 'um')],
];

function slowest(words, readWords) {
  const times = Array.from({ length: 5 }, () => {
    const began = performance.now();
    readWords(words, 1, 1);
    return performance.now() - began;
  });
  return `${Math.max(...times.slice(1)).toFixed(0)} ms`;
}

/** Reading the words of a long count full of slips, against one without any. */
export async function measureReading() {
  const { readWords } = await loadCore();
  const clean = slippedCount.map((_, i) => i + 1);
  const bench = new Bench({ time: 2_000, warmupTime: 500 });
  bench.add('clean', () => readWords(clean, 1, 1)).add('slipped', () => readWords(slippedCount, 1, 1));
  await bench.run();
  const [cleanRuns, slippedRuns] = bench.tasks.map(({ result }) => result.latency);
  const slips = readWords(slippedCount, 1, 1).slips.length;
  return [
    ...longest.map(([what, words]) => [
      `readWords, 2,000 words ${what}, slowest of 4 after a first`,
      slowest(words, readWords),
    ]),
    [`readWords, 40 words, ${slips} slips, median`, `${slippedRuns.p50.toFixed(3)} ms`],
    ['the same, 99th percentile', `${slippedRuns.p99.toFixed(3)} ms`],
    [
      'its median against that of 40 words without a slip',
      `${(slippedRuns.p50 / cleanRuns.p50).toFixed(1)} times`,
    ],
  ];
}
