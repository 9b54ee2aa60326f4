import { strands, type Strand } from '../shelf/task.js';
import { skillMap, type SkillEntry, type SkillId } from '../skills/map.js';
import type { Statement, StatementOptions } from '../statements/statement.js';
import { saidFor } from '../statements/saidFor.js';
import { surelyTo } from '../statements/claimedTo.js';
import { dayOf, type Trace } from '../trace/trace.js';
import { looksAt } from '../evidence/went.js';
import { tasksFor } from '../shelf/tasksOf.js';

/** How a skill stands, as far as looking again needs it. */
export interface LookSummary {
  readonly skill: SkillId;
  readonly strand: Strand;
  /** The first look at it, YYYY-MM-DD. */
  readonly first: string;
  /** YYYY-MM-DD. */
  readonly last: string;
  /** Nothing is sure of it yet. */
  readonly isOpen: boolean;
  /** Less is sure of it than at the last look, by time alone. */
  readonly isFading: boolean;
}

/** The skills that have tasks and have been looked at, each with its first and last look. */
export function summarise(
  tries: readonly Trace[],
  date: string,
  options: StatementOptions = {},
): readonly LookSummary[] {
  const now = saidFor(tries, date, options);
  const lastDay = tries
    .map(dayOf)
    .filter((day) => day <= date)
    .sort()
    .at(-1);
  const then = lastDay === undefined ? now : saidFor(tries, lastDay, options);
  return skillMap.flatMap((skill) => {
    const strand = strands.find((one) => one === skill.strand);
    const days = tries.filter((trace) => looksAt(skill, trace)).map(dayOf);
    // A hand up in the group is no look at the child.
    if (!strand || days.length === 0 || tasksFor(skill).length === 0) return [];
    const statement = statementFor(skill, now);
    const before = statementFor(skill, then);
    return {
      skill: skill.id,
      strand,
      first: days.reduce((one, day) => (day < one ? day : one)),
      last: days.reduce((one, day) => (day > one ? day : one)),
      isOpen: statement === undefined || statement.certainty !== 'sure',
      isFading: (before ? surelyTo(before) : 0) > (statement ? surelyTo(statement) : 0),
    };
  });
}

/** The statement of a skill; of several languages the first. */
export function statementFor({ id }: SkillEntry, statements: readonly Statement[]): Statement | undefined {
  return statements.find((one) => one.skill === id);
}
