/** Every number from the first to the last; none where the last is smaller. */
export const numbersFrom = (first: number, last: number): readonly number[] =>
  Array.from({ length: Math.max(0, last - first + 1) }, (_, i) => first + i);
