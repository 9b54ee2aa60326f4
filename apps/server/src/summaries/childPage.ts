import type { NextStepView, SkillLineView, StatementRulingView } from '@dotting/contract';
import {
  courseOf,
  dotsFor,
  digitByDigit,
  isOfNumbers,
  isOfNumerals,
  looksAt,
  obstaclesIn,
  skillMap,
  statementFor,
  saidFor,
  tasksFor,
  toldObstacle,
  trendOf,
  type NextStep,
  type SkillEntry,
  type SkillId,
  type Statement,
  type ToldObstacle,
  type Trace,
  type Word,
} from '@dotting/core';
import { listOf, taskWords, tellObstacle, tellStatement, tellStep, tellTitle, wantsOf } from '@dotting/words';
import { spoken } from '../wording/spoken.js';

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

/** A line in the words of whoever reads it. */
export function lineView({ statement, obstacles, ...line }: SkillLine): SkillLineView {
  const words = spoken();
  return {
    ...line,
    name: words.skills[line.skill](),
    statement: statementView(statement),
    certainty: statement?.certainty ?? 'unclear',
    mixedUp:
      statement && isOfNumerals(statement)
        ? statement.mixedUp.map(({ shown, said, times }) => ({ shown, said: saidView(said), times }))
        : [],
    wanting: statement && isOpen(statement) ? [...wantsOf(words, statement)] : [],
    obstacle:
      obstacles.length === 0
        ? null
        : listOf(
            words,
            obstacles.map((one) => tellObstacle(words, one)),
          ),
  };
}

export const statementView = (statement: Statement | null): string =>
  statement ? tellStatement(spoken(), statement) : spoken().statements.notAsked();

const saidView = (said: Word): string =>
  said === digitByDigit ? spoken().thumb.digitByDigit() : String(said);

/** More is likely than is sure. */
const isOpen = (statement: Statement): boolean =>
  statement.certainty === 'likely' || (isOfNumbers(statement) && statement.likelyTo > statement.sureTo);

/** A step in the words of whoever reads it. */
export function stepView(step: NextStep): NextStepView {
  const words = spoken();
  const { skill, task, n, things, chance, tries, evidence } = step;
  const of = taskWords(words, task);
  return {
    skill,
    task,
    n,
    things,
    set: step.set,
    title: tellTitle(words, step),
    why: tellStep(words, step),
    stepUp: of.harder(),
    stepDown: of.easier(),
    chance,
    tries: [...tries],
    evidence,
  };
}
