/** A stream of numbers in [0, 1) that depends on nothing but its seed. */
export type Random = () => number;

/** mulberry32: small, fast and good enough for simulation; never for secrets. */
export function seededRandom(seed: number): Random {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32;
  };
}

export function chance(random: Random, probability: number): boolean {
  return random() < probability;
}

/** @throws RangeError on an empty list */
export function pick<T>(random: Random, from: readonly T[]): T {
  if (from.length === 0) throw new RangeError('pick: nothing to pick from');
  return from[Math.floor(random() * from.length)]!;
}

/** In another order, drawn by lot (Fisher & Yates). */
export function shuffled<T>(from: readonly T[], random: Random): readonly T[] {
  const list = [...from];
  for (let last = list.length - 1; last > 0; last--) {
    const other = Math.floor(random() * (last + 1));
    [list[last], list[other]] = [list[other]!, list[last]!];
  }
  return list;
}

/** A version 4 UUID from the stream. */
export function seededUuid(random: Random): string {
  const hex = Array.from({ length: 32 }, (_, i) => {
    if (i === 12) return '4';
    const digit = Math.floor(random() * 16);
    return (i === 16 ? 8 + (digit % 4) : digit).toString(16);
  }).join('');
  return [8, 12, 16, 20, 32].map((end, i, ends) => hex.slice(ends[i - 1] ?? 0, end)).join('-');
}

/** A seed from a text, an id for example: FNV-1a, 32 bits. */
export function seedFrom(text: string): number {
  let hash = 0x811c9dc5;
  for (let i = 0; i < text.length; i++) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193) >>> 0;
  return hash;
}
