import { traps, type ComparedSet, type Comparison, type Relation, type Trap } from '../trace/trace.js';

/** Sets so much alike in something look the same. (ratio) */
export const alike = 1.1;

/** Where the fewest or the least are asked for, the smallest is sought. */
export const asksForFewer = (relation: Relation): boolean => relation === 'fewer' || relation === 'least';

/** What a set has of each: how long it lies, how large its things are, how much ground it covers. */
export const measureOf: Readonly<Record<Trap, (set: ComparedSet) => number>> = {
  length: ({ length }) => length,
  size: ({ across }) => across,
  spread: ({ length, depth }) => length * depth,
};

/**
 * In what a set stands out from all the others, in the way it was asked: the longest where more was asked for, the
 * shortest where fewer. What it may have been taken for. Of rows the ground goes with the length, and is not told.
 */
export function standsOut(place: number, { sets, lie, relation }: Comparison): readonly Trap[] {
  const taken = sets[place];
  const others = sets.filter((set) => set !== taken && set.n > 0);
  if (!taken || taken.n === 0 || others.length === 0) return [];
  const leads = (trap: Trap): boolean => {
    const [own, ...rest] = [taken, ...others].map(measureOf[trap]);
    return rest.every((one) => (asksForFewer(relation) ? alike * own! < one : own! > alike * one));
  };
  return traps.filter((trap) => (trap !== 'spread' || lie === 'spread') && leads(trap));
}
