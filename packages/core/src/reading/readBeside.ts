import { settledEvents } from '../trace/settled.js';
import type { Beside, Trace } from '../trace/trace.js';

/** A set made beside another: whether it stands to that as was asked, whatever its number. */
export interface BesideReading {
  readonly beside: Beside;
  readonly size: number;
  /** Null where nothing was put. */
  readonly made: number | null;
  readonly right: boolean | null;
}

/**
 * Reads a set made with more, with fewer or with one more than another: the relation, not the total.
 * @returns null where no such set was asked for
 */
export function readBeside({ set, events }: Pick<Trace, 'set' | 'events'>): BesideReading | null {
  const { beside } = set.layout ?? {};
  if (beside === undefined) return null;
  const last = settledEvents(events).findLast((event) => event.kind === 'given');
  const made = last?.kind === 'given' ? last.value : null;
  return { beside, size: set.size, made, right: made === null ? null : fits(made, beside, set.size) };
}

function fits(made: number, beside: Beside, size: number): boolean {
  switch (beside) {
    case 'more':
      return made > size;
    case 'one-more':
      return made === size + 1;
    case 'fewer':
      return made < size;
  }
}
