import type { Trace } from '../trace/trace.js';
import type { Statement, StatementOptions } from './statement.js';
import { saidFor } from './saidFor.js';

/** What may be said of a skill with a sitting and without it. */
export interface SittingChange {
  readonly before: Statement | undefined;
  readonly now: Statement;
}

/**
 * What a sitting may have changed in what may be said of the child: each skill it looked at, as it stood before
 * and as it stands now.
 *
 * @param earlier tries before the sitting
 * @param sitting the sitting's own
 * @param date YYYY-MM-DD
 */
export function sittingChanges(
  earlier: readonly Trace[],
  sitting: readonly Trace[],
  date: string,
  options: StatementOptions = {},
): readonly SittingChange[] {
  const before = new Map(saidFor(earlier, date, options).map((one) => [keyOf(one), one]));
  const sat = new Set(sitting.map((trace) => trace.id));
  return saidFor([...earlier, ...sitting], date, options)
    .filter((one) => one.tries.some((id) => sat.has(id)))
    .map((now) => ({ before: before.get(keyOf(now)), now }));
}

/** Statements of the same skill and language. */
const keyOf = (one: Statement): string => `${one.skill} ${'language' in one ? one.language : ''}`;
