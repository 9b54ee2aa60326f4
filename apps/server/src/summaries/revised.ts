import type { RevisedView } from '@dotting/contract';
import type { ChildSummaryRow } from './childSummary.entity.js';
import { makeup, madeOtherwiseBecause, type ChildSummary } from './workOut.js';

type Before = Pick<ChildSummaryRow, 'makeup' | 'madeFrom' | 'lines' | 'revised'>;

/**
 * What is said otherwise of a child since its tries are read in a new way: from the same tries, and not by an
 * adult's own words. Kept until somebody has read it.
 *
 * @param from the child's count of evidence that the new summary was made from
 */
export function revisedSince(
  before: Before | null,
  after: ChildSummary,
  from: number,
  day: string,
): RevisedView | null {
  if (!before) return null;
  if (before.makeup >= makeup || before.madeFrom !== from) return before.revised;
  const skills = after.lines.flatMap(({ skill, name, statement, overruled }) => {
    const was = before.lines.find((line) => line.skill === skill)?.statement;
    const isOther = was !== undefined && was !== statement && overruled === null;
    return isOther ? [{ name, before: was, after: statement }] : [];
  });
  return skills.length === 0 ? before.revised : { day, why: madeOtherwiseBecause, skills };
}
