/** What is known of a child's skill, as far as choosing a question needs it. */
export interface AskingModel {
  /** Chance that it goes well at n. */
  readonly chanceAt: (n: number) => number;
  /** What an answer at n is expected to tell of the child, in bits. */
  readonly informationAt: (n: number) => number;
  /** Enough is known: the interval is narrow, or nothing in reach would change what may be said. */
  readonly isKnown: boolean;
}

/** Entropy of a yes or no, in bits. */
export function entropyOf(chance: number): number {
  const term = (p: number): number => (p <= 0 ? 0 : -p * Math.log2(p));
  return term(chance) + term(1 - chance);
}
