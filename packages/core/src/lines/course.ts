import { figure } from '../common/parameters.js';
import { daysBetween } from '../estimates/axis.js';
import { statementFor } from '../next/looks.js';
import type { SkillEntry } from '../skills/map.js';
import {
  isOfNumbers,
  isOfNumerals,
  type NumeralsStatement,
  type StatementOptions,
} from '../statements/statement.js';
import { saidFor } from '../statements/saidFor.js';
import { dayOf, type Trace } from '../trace/trace.js';

/** How far a skill along the numbers was said to go on a day; of numerals, how many. */
export interface CoursePoint {
  /** YYYY-MM-DD. */
  readonly day: string;
  readonly sureTo: number;
  readonly likelyTo: number;
  /** The largest number tried so far: nothing is said beyond. */
  readonly triedTo: number;
}

/** The course of the skills along the numbers, at the days of the looks, thinned where there are many. */
export function courseOf(
  skills: readonly SkillEntry[],
  tries: readonly Trace[],
  options: StatementOptions = {},
): ReadonlyMap<string, readonly CoursePoint[]> {
  const all = [...new Set(tries.map(dayOf))].sort();
  const every = Math.ceil(all.length / figure.coursePoints);
  const days = all.filter((_, i) => (all.length - 1 - i) % every === 0);
  const byDay = days.map((day) => ({ day, said: saidFor(tries, day, options) }));
  return new Map(
    skills.map((skill) => [
      skill.id,
      byDay.flatMap(({ day, said }) => {
        const statement = statementFor(skill, said);
        if (!statement) return [];
        if (isOfNumerals(statement)) return [{ day, ...numberOf(statement) }];
        if (!isOfNumbers(statement)) return [];
        const { sureTo, likelyTo, triedTo } = statement;
        return [{ day, sureTo, likelyTo, triedTo }];
      }),
    ]),
  );
}

const numberOf = ({ known, likely, open }: NumeralsStatement): Omit<CoursePoint, 'day'> => ({
  sureTo: known.length,
  likelyTo: known.length + likely.length,
  triedTo: known.length + likely.length + open.length,
});

export type Trend = 'rising' | 'steady' | 'falling' | 'new';

/** Whether more is said now than six weeks before the last look. */
export function trendOf(course: readonly CoursePoint[]): Trend {
  const last = course.at(-1);
  if (!last || course.length < 2) return 'new';
  const before =
    course.findLast((point) => daysBetween(point.day, last.day) >= 7 * figure.trendWeeks) ?? course[0]!;
  if (last.likelyTo === before.likelyTo) return 'steady';
  return last.likelyTo > before.likelyTo ? 'rising' : 'falling';
}
