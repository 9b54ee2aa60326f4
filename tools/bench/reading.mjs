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

/** Reading the words of a long count full of slips, against one without any. */
export async function measureReading() {
  const { readWords } = await import('@dotting/core');
  const clean = slippedCount.map((_, i) => i + 1);
  const bench = new Bench({ time: 2_000, warmupTime: 500 });
  bench.add('clean', () => readWords(clean, 1, 1)).add('slipped', () => readWords(slippedCount, 1, 1));
  await bench.run();
  const [cleanRuns, slippedRuns] = bench.tasks.map(({ result }) => result.latency);
  const slips = readWords(slippedCount, 1, 1).slips.length;
  return [
    [`readWords, 40 words, ${slips} slips, median`, `${slippedRuns.p50.toFixed(3)} ms`],
    ['the same, 99th percentile', `${slippedRuns.p99.toFixed(3)} ms`],
    [
      'its median against that of 40 words without a slip',
      `${(slippedRuns.p50 / cleanRuns.p50).toFixed(1)} times`,
    ],
  ];
}
