import type { Arrangement, Carry, TraySet } from '../trace/trace.js';

/** So many of a kind. */
export interface Amount {
  readonly things: string;
  readonly n: number;
}

/** Where no things lie: words alone, pictures on a sheet, drops that the screen lets fall. */
const withoutThings: ReadonlySet<Arrangement> = new Set(['none', 'pictures', 'heard']);

/** What is fetched for a tray, each kind once. */
export function thingsFor({ size, things, arrangement, pile, layout }: TraySet): readonly Amount[] {
  if (withoutThings.has(arrangement)) return [];
  if (layout?.sorted) return addedUp(layout.sorted);
  // A stair takes a tower for each number.
  if (layout?.cards?.kind === 'stair') return [{ things, n: (size * (size + 1)) / 2 }];
  if (layout?.bowls) return addedUp(layout.bowls);
  if (layout?.comparison) return addedUp(layout.comparison.sets);
  // Of each kind as many as the whole: one part may be all of it.
  if (layout?.carry) return addedUp(inRounds(layout.carry, size));
  const counted = { things, n: pile ?? size };
  return addedUp([counted, ...(layout?.model === undefined ? [] : [{ things: layout.model, n: size }])]);
}

/** The rounds that lie there, and as much again to carry on with. */
const inRounds = ({ unit, shown }: Carry, next: number): readonly Amount[] =>
  Array.from({ length: shown + next }, (_, i) => ({ things: unit[i % unit.length]!, n: 1 }));

/** Amounts of several trays added up, kinds in the order in which they first come. */
export function addedUp(amounts: readonly Amount[]): readonly Amount[] {
  const sums = new Map<string, number>();
  for (const { things, n } of amounts) sums.set(things, (sums.get(things) ?? 0) + n);
  return [...sums].flatMap(([things, n]) => (n > 0 ? [{ things, n }] : []));
}
