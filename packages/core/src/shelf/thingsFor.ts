import type { Arrangement, TraySet } from '../trace/trace.js';

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
  if (layout?.bowls) return addedUp(layout.bowls);
  if (layout?.comparison) return addedUp(layout.comparison.sets);
  const counted = { things, n: pile ?? size };
  return addedUp([counted, ...(layout?.model === undefined ? [] : [{ things: layout.model, n: size }])]);
}

/** Amounts of several trays added up, kinds in the order in which they first come. */
export function addedUp(amounts: readonly Amount[]): readonly Amount[] {
  const sums = new Map<string, number>();
  for (const { things, n } of amounts) sums.set(things, (sums.get(things) ?? 0) + n);
  return [...sums].flatMap(([things, n]) => (n > 0 ? [{ things, n }] : []));
}
