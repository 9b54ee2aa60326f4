import type { RuledOn, Ruling, Trace } from '../trace/trace.js';

type Ruled = Pick<Trace, 'rulings'>;

/** The rulings that stand, one to a matter at most: the last, unless it takes the one before back. */
export function standingRulings({ rulings = [] }: Ruled): readonly (Ruling & { readonly holds: boolean })[] {
  const last = new Map(rulings.map((ruling) => [ruling.on, ruling]));
  return [...last.values()].flatMap((ruling) =>
    ruling.holds === null ? [] : [{ ...ruling, holds: ruling.holds }],
  );
}

/** What an adult ruled on a matter; null where the reading stands. */
export function ruledOf(trace: Ruled, on: RuledOn): boolean | null {
  return standingRulings(trace).find((ruling) => ruling.on === on)?.holds ?? null;
}
