import type { NextStepView, SkillLineView } from '@dotting/contract';
import {
  digitByDigit,
  isOfNumbers,
  isOfNumerals,
  type NextStep,
  type Statement,
  type Word,
} from '@dotting/core';
import { listOf, taskWords, tellObstacle, tellStatement, tellStep, tellTitle, wantsOf } from '@dotting/words';
import { spoken } from '../wording/spoken.js';
import type { SkillLine } from './skillLines.js';

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
