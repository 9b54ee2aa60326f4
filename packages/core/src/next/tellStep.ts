import type { SkillEntry } from '../skills/map.js';
import { isClaimed, type Statement } from '../statements/statement.js';
import { tellStatement } from '../statements/tellStatement.js';
import type { TeachingMove } from './moves.js';
import type { Obstacle } from './skillLooks.js';

interface ToldStep {
  readonly skill: SkillEntry;
  readonly title: string;
  readonly statement: Statement | undefined;
  /** What may be said of what the skill leans on. */
  readonly ground: readonly Statement[];
  readonly obstacle: Obstacle | null;
  readonly move: TeachingMove | null;
  /** How many tries have looked at the skill. */
  readonly looked: number;
}

/** One plain sentence: what is known, what was seen, what to try. */
export function tellStep({ skill, title, statement, ground, obstacle, move, looked }: ToldStep): string {
  const known = [statement, ...ground].find((one) => one !== undefined && isClaimed(one));
  const seen =
    obstacle && move
      ? `${move.saw} in ${share(obstacle.traces.length, obstacle.of)}`
      : looked === 0
        ? `nobody has looked at ${skill.name} yet`
        : known === statement
          ? null
          : `${skill.name} is not clear yet`;
  const start = [known && tellStatement(known), seen].filter(Boolean).join('; ');
  const how = move ? `, ${move.move}` : '';
  return `${capitalised(start)}: try ${title}${how}.`;
}

const share = (times: number, of: number): string =>
  of === 1 ? 'the last try' : `${times} of the last ${of} tries`;

const capitalised = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
