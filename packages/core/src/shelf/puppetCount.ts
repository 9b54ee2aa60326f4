import { numbersFrom } from '../common/numbersFrom.js';
import { pick, seededRandom, type Random } from '../common/random.js';
import type { PuppetCount, PuppetSlip } from '../trace/trace.js';

const slipsOf = {
  words: ['none', 'none', 'skipped', 'repeated', 'swapped'],
  touches: ['none', 'none', 'missed', 'double-counted'],
} as const satisfies Record<string, readonly PuppetSlip[]>;

/**
 * A made-up count to n for the child to judge: faultless, or with one slip, neither in its first
 * place nor its last. Of words, the words go wrong; of touches, the words are right and the finger goes wrong.
 *
 * @param seed the same seed makes the same count
 * @throws RangeError below 4, where no slip has a place in the middle
 */
export function puppetCount(of: 'words' | 'touches', n: number, seed: number): PuppetCount {
  if (n < 4) throw new RangeError(`puppetCount: a count to ${n} is too short to judge; take 4 or more`);
  const random = seededRandom(seed * 613 + n);
  const slip = pick(random, slipsOf[of]);
  return of === 'words'
    ? { words: wordsWith(slip, n, random), touches: [], slip }
    : { ...touchesWith(slip, n, random), slip };
}

/** A number from 2 to n − 2: not the first, and room for its neighbour before the last. */
const inTheMiddle = (n: number, random: Random): number => 2 + Math.floor(random() * (n - 3));

function wordsWith(slip: PuppetSlip, n: number, random: Random): readonly number[] {
  const at = inTheMiddle(n, random);
  const words = [...numbersFrom(1, n)];
  if (slip === 'skipped') words.splice(at - 1, 1);
  if (slip === 'repeated') words.splice(at, 0, at);
  if (slip === 'swapped') words.splice(at - 1, 2, at + 1, at);
  return words;
}

function touchesWith(slip: PuppetSlip, n: number, random: Random): Pick<PuppetCount, 'words' | 'touches'> {
  const at = inTheMiddle(n, random) - 1;
  const touches = [...numbersFrom(1, n)].map((number) => number - 1);
  if (slip === 'missed') touches.splice(at, 1);
  if (slip === 'double-counted') touches.splice(at, 0, at);
  return { words: [...numbersFrom(1, touches.length)], touches };
}
