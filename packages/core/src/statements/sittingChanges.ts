import type { Trace } from '../trace/trace.js';
import { isClaimed, type Statement, type StatementOptions } from './statement.js';
import { saidFor } from './saidFor.js';
import { tellOpen, tellStatement } from './tellStatement.js';

export interface SittingChanges {
  /** Sentences about the child, each of which this sitting brought or changed. */
  readonly changed: readonly string[];
  /** What is still open of the skills that were looked at. */
  readonly open: readonly string[];
}

/**
 * What a sitting changed in what may be said of the child, in plain sentences, and what is still open.
 *
 * @param earlier tries before the sitting
 * @param sitting the sitting's own
 * @param date YYYY-MM-DD
 */
export function sittingChanges(
  earlier: readonly Trace[],
  sitting: readonly Trace[],
  date: string,
  firstName: string,
  options: StatementOptions = {},
): SittingChanges {
  const before = new Map(saidFor(earlier, date, options).map((one) => [keyOf(one), one]));
  const sat = new Set(sitting.map((trace) => trace.id));
  const looked = saidFor([...earlier, ...sitting], date, options).filter((one) =>
    one.tries.some((id) => sat.has(id)),
  );
  return {
    changed: looked.flatMap((now) => changeOf(before.get(keyOf(now)), now, firstName) ?? []),
    open: looked.flatMap((now) => tellOpen(now) ?? []).map(capitalised),
  };
}

/** Statements of the same skill and language. */
const keyOf = (one: Statement): string => `${one.skill} ${'language' in one ? one.language : ''}`;

function changeOf(before: Statement | undefined, now: Statement, firstName: string): string | null {
  const said = tellStatement(now);
  const saidBefore = before && isClaimed(before) ? tellStatement(before) : null;
  if (said === saidBefore) return null;
  const was = saidBefore === null ? '' : ` Before: ${saidBefore}.`;
  if (isClaimed(now)) return `${firstName} ${said}.${was}`;
  return saidBefore === null ? null : `For ${firstName} it is ${said}.${was}`;
}

const capitalised = (text: string): string => `${text.charAt(0).toUpperCase()}${text.slice(1)}.`;
