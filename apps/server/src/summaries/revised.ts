import type { RevisedView } from '@dotting/contract';
import { spoken } from '../wording/spoken.js';
import type { ChildSummaryRow } from './childSummary.entity.js';
import { statementView } from './childPage.js';
import { makeup, type ChildSummary, type Lines, type Revised } from './workOut.js';

type Before = Pick<ChildSummaryRow, 'makeup' | 'madeFrom' | 'lines' | 'revised'>;

/** How far it is sure and how far it is likely, as the dots show it. */
const claimOf = ({ statement, dots }: Lines[number]): string =>
  [
    statement?.certainty ?? 'unclear',
    ...['full', 'bead'].map((form) => dots.filter((dot) => dot.form === form).length),
  ].join(' ');

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
): Revised | null {
  if (!before) return null;
  if (before.makeup >= makeup || before.madeFrom !== from) return before.revised;
  const skills = after.lines.flatMap((line) => {
    const was = before.lines.find(({ skill }) => skill === line.skill);
    // Other words for the same are no news.
    const isOther = was !== undefined && claimOf(was) !== claimOf(line) && line.overruled === null;
    return isOther ? [{ skill: line.skill, before: was.statement, after: line.statement }] : [];
  });
  return skills.length === 0 ? before.revised : { day, skills };
}

/** The same in the words of whoever reads it. */
export const revisedView = ({ day, skills }: Revised): RevisedView => ({
  day,
  why: spoken().child.revisedWhy(),
  skills: skills.map(({ skill, before, after }) => ({
    name: spoken().skills[skill](),
    before: statementView(before),
    after: statementView(after),
  })),
});
