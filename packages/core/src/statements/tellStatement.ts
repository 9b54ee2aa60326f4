import type { Principle } from '../shelf/task.js';
import { placedWords } from '../shelf/tasks.js';
import type { TrackingShape } from '../estimates/tracking.js';
import {
  isClaimed,
  isOfNumbers,
  type NumberStatement,
  type PrincipleStatement,
  type Statement,
} from './statement.js';
import type { Weakness } from './weaknesses.js';

/** What a principle is, said of a child that shows it, and of one where it is not clear yet. */
const principleWords: Record<Principle, readonly [shown: string, open: string]> = {
  'last-word': [
    'answers “how many?” with the last word of the count',
    'the last word as the answer to “how many?”',
  ],
  conservation: [
    'keeps the number when the things are moved about',
    'whether the number stays when things are moved',
  ],
  'order-irrelevance': ['knows it is as many from the other end', 'whether it is as many from the other end'],
  'order-judged': [
    'hears when a puppet’s counting goes wrong',
    'hearing when a puppet’s counting goes wrong',
  ],
  teens: ['says the teens in order', 'the teens in order'],
  'one-to-one-judged': [
    'sees when a puppet counts one twice or leaves one out',
    'seeing a puppet’s slips of the finger',
  ],
  matching: ['gives each its own, one to one', 'one to each, without counting'],
  'equal-set': ['makes as many with other things', 'making as many with other things'],
  'numeral-to-set': ['puts as many as a written number says', 'from a written number to a set'],
  'several-sets': ['counts out several sets by a recipe', 'several sets by a recipe'],
};

/** How things so placed are counted. */
const countedWords = { ...placedWords, movable: 'moving each aside' };

/**
 * What may be said, in plain words that begin with the child: "counts 8 in a row – sure. Likely up to 10".
 * What carries less than it seems to is named.
 */
export function tellStatement(statement: Statement): string {
  return isOfNumbers(statement) ? tellNumber(statement) : tellPrinciple(statement);
}

function tellNumber(statement: NumberStatement): string {
  const { sureTo, likelyTo } = statement;
  if (likelyTo === 0) return `not clear yet ${openWords(statement)}`;
  const said =
    sureTo === 0
      ? `likely ${upTo(statement, likelyTo)}${carriedBy(statement)}`
      : `${upTo(statement, sureTo)} – sure${likelyTo > sureTo ? `. Likely up to ${likelyTo}` : ''}`;
  return `${said}${beyond(statement)}`;
}

/** What the child does as far as a number. */
function upTo(statement: NumberStatement, n: number): string {
  switch (statement.by) {
    case 'order':
      return `says the numbers in order to ${n}`;
    case 'one-to-one':
      return `counts ${n} ${countedWords[statement.arrangement]}`;
    case 'count-out':
      return `counts out ${n}`;
    case 'fetch':
      return n > 4 ? `gives any number asked for, up to ${n} so far` : `gives ${n} when asked`;
  }
}

function openWords(statement: NumberStatement): string {
  switch (statement.by) {
    case 'order':
      return 'how far the numbers are said in order';
    case 'one-to-one':
      return `how many are counted ${countedWords[statement.arrangement]}`;
    case 'count-out':
      return 'how many are counted out';
    case 'fetch':
      return 'how many are given when asked';
  }
}

/** What comes after, as far as it is known: the child's own words, no more yet, where track is lost, nothing asked. */
function beyond(statement: NumberStatement): string {
  const { likelyTo, triedTo } = statement;
  if (statement.by === 'order' && statement.privateOrder && statement.privateOrder.length > 0)
    return `. After ${statement.ownAfter} always ${statement.privateOrder.join(', ')}`;
  if (statement.by === 'fetch' && likelyTo < 5 && statement.missedAbove) return ', and no more yet';
  if (statement.by === 'one-to-one' && statement.shape) return `. ${shapeWords[statement.shape]}`;
  const isSoFar = statement.by === 'fetch' && likelyTo > 4;
  return likelyTo === triedTo && !isSoFar ? `. Not asked beyond ${triedTo}` : '';
}

const shapeWords: Record<TrackingShape, string> = {
  constant: 'Now and then loses track, early or late',
  limit: 'Loses track from some number on',
  rising: 'Loses track more and more along the set',
  closing: 'Loses track only at the close',
};

function tellPrinciple({ by, certainty, cardinalityBy, weakenedBy }: PrincipleStatement): string {
  const [shown, open] = principleWords[by];
  if (certainty === 'unclear') return `not clear yet: ${open}`;
  const whole = `${shown}${cardinality(cardinalityBy)}`;
  return certainty === 'sure' ? `${whole} – sure` : `likely ${whole}${carriedBy({ weakenedBy })}`;
}

function cardinality(by: 'fetching' | 'keeping' | null): string {
  if (by === null) return '';
  return by === 'fetching'
    ? ', and gives any number asked for: cardinality'
    : ', and keeps the number: cardinality';
}

/** What carries less than it seems to, named. */
function carriedBy({ weakenedBy }: Pick<Statement, 'weakenedBy'>): string {
  return weakenedBy.length === 0 ? '' : ` (${weakenedBy.map((one) => carriedWords[one]).join(', ')})`;
}

const carriedWords: Record<Weakness, string> = {
  cue: 'with a cue',
  help: 'with help',
  'with-others': 'with friends',
  'in-passing': 'spotted in play',
  'first-time': 'the task was new',
  'one-kind-of-thing': 'one kind of thing',
  'one-beat': 'one beat',
  'one-day': 'one day',
};

/** What has to be seen before what is likely can be sure. */
export const weaknessWords: Record<Weakness, string> = {
  cue: 'without the cue that gave it away',
  help: 'without help',
  'with-others': 'alone',
  'in-passing': 'when you sit down together',
  'first-time': 'once the routine is known',
  'one-kind-of-thing': 'with other things',
  'one-beat': 'with drops that fall otherwise',
  'one-day': 'on another day',
};

/** What is still to be seen of a statement; null where nothing is open. */
export function tellOpen(statement: Statement): string | null {
  const wants = statement.weakenedBy.map((weakness) => weaknessWords[weakness]);
  if (!isClaimed(statement)) return tellStatement(statement);
  if (statement.certainty !== 'sure' && wants.length > 0)
    return `${shortName(statement)}: still to be seen ${list(wants)}`;
  if (isOfNumbers(statement) && statement.reachingFor !== null)
    return `${shortName(statement)}: whether ${statement.reachingFor} holds too`;
  return null;
}

/** What a statement is about, in a few words. */
export function shortName(statement: Statement): string {
  if (!isOfNumbers(statement)) return principleWords[statement.by][1];
  const { likelyTo } = statement;
  switch (statement.by) {
    case 'order':
      return `the numbers to ${likelyTo}`;
    case 'one-to-one':
      return `${likelyTo} ${countedWords[statement.arrangement]}`;
    case 'count-out':
      return `counting out ${likelyTo}`;
    case 'fetch':
      return likelyTo > 4 ? 'giving any number' : `giving ${likelyTo}`;
  }
}

const list = (parts: readonly string[]): string =>
  parts.length < 2 ? parts.join('') : `${parts.slice(0, -1).join(', ')} and ${parts.at(-1)}`;
