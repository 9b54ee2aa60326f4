import type { SkillEntry } from '../skills/map.js';
import { isClaimed, type Statement } from '../statements/statement.js';
import { tellStatement } from '../statements/tellStatement.js';
import type { Moves } from './moves.js';
import type { Obstacle, SlipPlace } from '../evidence/obstacles.js';

interface ToldStep {
  readonly skill: SkillEntry;
  readonly title: string;
  readonly statement: Statement | undefined;
  /** What may be said of what the skill leans on. */
  readonly ground: readonly Statement[];
  readonly obstacles: readonly Obstacle[];
  readonly moves: Moves;
  /** What to do about the first of them; null where there is none. */
  readonly move: string | null;
  /** How many tries have looked at the skill. */
  readonly looked: number;
}

/** One plain sentence: what is known, what was seen, what to try. */
export function tellStep({
  skill,
  title,
  statement,
  ground,
  obstacles,
  moves,
  move,
  looked,
}: ToldStep): string {
  const known = [statement, ...ground].find((one) => one !== undefined && isClaimed(one));
  const seen =
    obstacles.length > 0
      ? obstacles.map((one) => tellObstacle(one, moves)).join('; ')
      : looked === 0
        ? `nobody has looked at ${skill.name} yet`
        : known === statement
          ? null
          : `${skill.name} is not clear yet`;
  const start = [known && tellStatement(known), seen].filter(Boolean).join('; ');
  return `${capitalised(start)}: try ${title}${move === null ? '' : `, ${move}`}.`;
}

/** "left one out in 3 of the last 4 tries": what was seen, where it keeps coming, how often. */
export function tellObstacle({ slip, or, place, traces, of }: Obstacle, moves: Moves): string {
  const saw = or === null ? moves[slip].saw : `${moves[slip].saw} or ${moves[or].saw}`;
  const long = place !== null && place.kind !== 'close' ? ' that went so far' : '';
  return `${saw}${place ? placeWords(place) : ''} in ${traces.length} of the last ${of} tries${long}`;
}

function placeWords(place: SlipPlace): string {
  switch (place.kind) {
    case 'number':
      return ` at ${place.n}`;
    case 'close':
      return ' at the very end';
    case 'asked':
      return `, from ${place.n} on,`;
    case 'after':
      return `, always after the first ${place.n},`;
  }
}

const capitalised = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
