import type { NextStepView, SkillLineView, StatementRulingView } from '@dotting/contract';
import {
  courseOf,
  dotsFor,
  isOfNumbers,
  looksAt,
  obstaclesIn,
  skillMap,
  statementFor,
  saidFor,
  tasksFor,
  teachingMoves,
  tellObstacle,
  tellStatement,
  trendOf,
  weaknessWords,
  type Moves,
  type NextStep,
  type SkillEntry,
  type SkillId,
  type Statement,
  type TeachingMove,
  type TellingSlip,
  type Trace,
} from '@dotting/core';
import { namedOf, toldOf } from '../tries/told.js';

/** Each skill of the shelf: what may be said on the date, how sure, from what, and what stands in the way. */
export function skillLines(
  traces: readonly Trace[],
  date: string,
  birthDate: string | null,
  moves: Moves,
  rulings: ReadonlyMap<SkillId, StatementRulingView>,
): SkillLineView[] {
  const statements = saidFor(traces, date, { birthDate });
  const skills = skillMap.filter((skill) => tasksFor(skill).length > 0);
  const looked = skills.filter((skill) => traces.some((trace) => looksAt(skill, trace)));
  const courses = courseOf(
    looked.filter((skill) => skill.axis),
    traces,
    { birthDate },
  );
  return skills.map((skill): SkillLineView => {
    const statement = statementFor(skill, statements);
    const looks = traces.filter((trace) => looksAt(skill, trace));
    const course = courses.get(skill.id) ?? [];
    return {
      skill: skill.id,
      name: skill.name,
      strand: skill.strand,
      dots: dotsFor(skill, traces, statements).map((dot) => ({ ...dot, tries: [...dot.tries] })),
      ...claimOf(skill, statement),
      trend: trendOf(course),
      course: [...course],
      obstacle: obstacleWords(skill, looks, date, moves),
      overruled: rulings.get(skill.id) ?? null,
      tries: looks.map((trace) => trace.id),
    };
  });
}

function claimOf(
  { name }: SkillEntry,
  statement: Statement | undefined,
): Pick<SkillLineView, 'statement' | 'certainty' | 'wanting'> {
  if (!statement) return { statement: `nobody has looked at ${name} yet`, certainty: 'unclear', wanting: [] };
  const { certainty, weakenedBy } = statement;
  const isOpen = certainty === 'likely' || (isOfNumbers(statement) && statement.likelyTo > statement.sureTo);
  return {
    statement: tellStatement(statement),
    certainty,
    wanting: isOpen ? weakenedBy.map((weakness) => weaknessWords[weakness]) : [],
  };
}

function obstacleWords(
  skill: SkillEntry,
  looks: readonly Trace[],
  date: string,
  moves: Moves,
): string | null {
  const obstacles = obstaclesIn(skill, looks, date);
  return obstacles.length === 0 ? null : obstacles.map((one) => tellObstacle(one, moves)).join('; ');
}

export const stepView = (step: NextStep): NextStepView => ({ ...step, tries: [...step.tries] });

/** The room's moves over the shipped ones. */
export function movesOf(own: readonly (TeachingMove & { readonly slip: TellingSlip })[]): Moves {
  return { ...teachingMoves, ...Object.fromEntries(own.map(({ slip, saw, move }) => [slip, { saw, move }])) };
}

/** One try in a line. */
export const summaryOf = (trace: Trace, recorder: string, day: string) => ({
  id: trace.id,
  startedAt: trace.startedAt,
  ...namedOf(trace),
  recorder,
  told: toldOf(trace, day),
});
