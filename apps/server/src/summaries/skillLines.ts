import type { SkillLineView, StatementRulingView } from '@dotting/contract';
import {
  courseOf,
  dotsFor,
  looksAt,
  obstaclesIn,
  saidFor,
  skillMap,
  statementFor,
  tasksFor,
  toldObstacle,
  trendOf,
  type SkillEntry,
  type SkillId,
  type Statement,
  type ToldObstacle,
  type Trace,
} from '@dotting/core';

/** A skill of a child as it is worked out, before it is put in words. */
export interface SkillLine extends Pick<
  SkillLineView,
  'skill' | 'strand' | 'dots' | 'trend' | 'course' | 'overruled' | 'tries'
> {
  /** Null where nobody has asked. */
  readonly statement: Statement | null;
  readonly obstacles: readonly ToldObstacle[];
}

/** Each skill of the shelf: what may be said on the date, how sure, from what, and what stands in the way. */
export function skillLines(
  traces: readonly Trace[],
  date: string,
  birthDate: string | null,
  rulings: ReadonlyMap<SkillId, StatementRulingView>,
): readonly SkillLine[] {
  const statements = saidFor(traces, date, { birthDate });
  const isLooked = (skill: SkillEntry): boolean => traces.some((trace) => looksAt(skill, trace));
  // What is only asked of a whole group is shown once it was.
  const skills = skillMap.filter((skill) => tasksFor(skill).length > 0 || isLooked(skill));
  const looked = skills.filter(isLooked);
  const courses = courseOf(
    looked.filter((skill) => skill.axis),
    traces,
    { birthDate },
  );
  return skills.map((skill) => {
    const looks = traces.filter((trace) => looksAt(skill, trace));
    const course = courses.get(skill.id) ?? [];
    return {
      skill: skill.id,
      strand: skill.strand,
      dots: dotsFor(skill, traces, statements).map((dot) => ({ ...dot, tries: [...dot.tries] })),
      statement: statementFor(skill, statements) ?? null,
      trend: trendOf(course),
      course: [...course],
      obstacles: obstaclesIn(skill, looks, date).map(toldObstacle),
      overruled: rulings.get(skill.id) ?? null,
      tries: looks.map((trace) => trace.id),
    };
  });
}
