import {
  taskOf,
  type MoveChoice,
  type NextStep,
  type OwnMoves,
  type SlipPlace,
  type TellingSlip,
  type ToldObstacle,
} from '@dotting/core';
import type { Words } from '../words.js';
import { capitalised, sentences } from './list.js';
import { isWorthSaying, tellStatement } from './statements.js';
import { taskWords } from './tasks.js';
import { describeSet } from './things.js';

/** The evidence of a step in plain sentences: what is known, what was seen, what to try. */
export function tellStep(
  words: Words,
  { skill, set, n, because }: Pick<NextStep, 'skill' | 'set' | 'n' | 'because'>,
): string {
  const { step } = words.next;
  const { known, seen, move } = because;
  const what = describeSet(words, set, n);
  const found =
    seen === null
      ? []
      : seen.kind === 'obstacles'
        ? seen.obstacles.map((one) => tellObstacle(words, one))
        : [step[seen.kind === 'unclear' ? 'unclear' : 'notAsked']({ skill: words.skills[skill]() })];
  return sentences([
    ...(known && isWorthSaying(known) ? [tellStatement(words, known)] : []),
    // A step is never without its reason.
    ...(seen === null && !(known && isWorthSaying(known))
      ? [step.unclear({ skill: words.skills[skill]() })]
      : []),
    ...found,
    move === null ? step.tryThis({ what }) : step.tryThisWay({ what, move: tellMove(words, move) }),
  ]);
}

/** "How many? – 3 shells in a row", where what is set out does not tell the task; else "3 shells in a row". */
export function tellTitle(words: Words, { task, set, n }: Pick<NextStep, 'task' | 'set' | 'n'>): string {
  const what = describeSet(words, set, n);
  const { thenAsks, asksAgain } = taskOf(task);
  const tells = !(thenAsks || asksAgain || set.layout?.bowls);
  return tells ? what : words.next.titled({ task: taskWords(words, task).name(), what });
}

/** "missed one in 3 of the last 4 tries": what was seen, where it keeps coming, how often. */
export function tellObstacle(words: Words, { slip, or, place, times, of }: ToldObstacle): string {
  const { next } = words;
  const told = {
    saw: or === null ? sawOf(words, slip) : next.either({ one: sawOf(words, slip), other: sawOf(words, or) }),
    place: place ? tellPlace(words, place) : '',
    n: times,
    of,
  };
  if (place?.kind === 'numeral') return next.obstacleAt(told);
  return place !== null && place.kind !== 'close' ? next.obstacleLong(told) : next.obstacle(told);
}

/** What a slip is called. */
export const sawOf = (words: Words, slip: TellingSlip): string => words.moves[slip].saw();

const tellPlace = ({ next }: Words, place: SlipPlace): string =>
  place.kind === 'close' ? next.place.close() : next.place[place.kind]({ n: place.n });

/** What to do about a slip. */
export function tellMove({ moves }: Words, move: MoveChoice): string {
  if (move.kind === 'own') return move.words;
  const of = moves[move.slip];
  if (move.kind === 'usual') return of.move();
  const fitting: Readonly<Record<string, () => string>> = 'fitting' in of ? of.fitting : {};
  return (fitting[move.to] ?? of.move)();
}

/** A room's table of moves: what was seen, what to do, and the shipped way. */
export const tellMoves = (
  words: Words,
  slips: readonly TellingSlip[],
  own: OwnMoves,
): readonly {
  readonly slip: TellingSlip;
  readonly saw: string;
  readonly move: string;
  readonly shipped: string;
}[] =>
  slips.map((slip) => {
    const shipped = words.moves[slip].move();
    return { slip, saw: capitalised(sawOf(words, slip)), move: own[slip] ?? shipped, shipped };
  });
