import type { Principle } from '../shelf/task.js';
import { placedWords } from '../shelf/tasks.js';
import type { FetchStatement, OrderStatement, Statement } from './statement.js';
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

/** What may be said, in a plain sentence that begins with the child: "counts 7 in a row without losing track". */
export function tellStatement(statement: Statement): string {
  return isClaimed(statement)
    ? `${sentence(statement)}${statement.firm ? '' : ', so it seems'}`
    : sentence(statement);
}

/** Something is said that the child can do; else it is only said that it is open. */
export function isClaimed(statement: Statement): boolean {
  switch (statement.skill) {
    case 'order':
      return statement.conventionalTo > 0;
    case 'one-to-one':
    case 'count-out':
      return statement.steadyTo > 0;
    case 'fetch':
      return statement.level !== null && statement.level !== '0';
    default:
      return statement.shown;
  }
}

function sentence(statement: Statement): string {
  switch (statement.skill) {
    case 'order':
      return orderWords(statement);
    case 'one-to-one': {
      const where = placedWords[statement.arrangement];
      return statement.steadyTo > 0
        ? `counts ${statement.steadyTo} ${where} without losing track`
        : `not clear yet how many are counted ${where} without losing track`;
    }
    case 'count-out':
      return statement.steadyTo > 0
        ? `counts out ${statement.steadyTo} from more than enough`
        : 'not clear yet how many can be counted out';
    case 'fetch':
      return fetchWords(statement);
    default:
      return statement.shown
        ? `${principleWords[statement.skill][0]}${cardinality(statement.cardinalityBy)}`
        : `not clear yet: ${principleWords[statement.skill][1]}`;
  }
}

function cardinality(by: 'fetching' | 'keeping' | null): string {
  if (by === null) return '';
  return by === 'fetching' ? ', and fetches by counting: cardinality' : ', and keeps the number: cardinality';
}

function orderWords({ conventionalTo, privateOrder, triedTo }: OrderStatement): string {
  if (conventionalTo === 0) return 'not clear yet how far the number words run in order';
  const own = privateOrder && privateOrder.length > 0 ? `, then always ${privateOrder.join(', ')}` : '';
  const end = triedTo === conventionalTo && own === '' ? ' (not tried beyond)' : '';
  return `says the numbers in order to ${conventionalTo}${own}${end}`;
}

function fetchWords({ level, triedTo }: FetchStatement): string {
  if (level === null) return 'not clear yet how many can be fetched';
  if (level === 'CP') return `fetches any number asked for, up to ${triedTo} so far`;
  return level === '0'
    ? 'does not fetch a number asked for yet'
    : `fetches ${level} when asked, and no more yet`;
}

/** What has to be seen before it may be said without a question mark. */
export const weaknessWords: Record<Weakness, string> = {
  cue: 'without the cue that gave it away',
  help: 'without help',
  'with-others': 'alone',
  'in-passing': 'in a sitting, not in passing',
  'first-time': 'once the routine is known',
  'one-kind-of-thing': 'with other things',
  'one-day': 'on another day',
};

/** What is still to be seen of a statement; null where nothing is open. */
export function tellOpen(statement: Statement): string | null {
  const wants = statement.weakenedBy.map((weakness) => weaknessWords[weakness]);
  if (!isClaimed(statement)) return `${sentence(statement)}`;
  if (wants.length > 0) return `${shortName(statement)}: still to be seen ${list(wants)}`;
  if (
    (statement.skill === 'one-to-one' || statement.skill === 'count-out') &&
    statement.reachingFor !== null
  ) {
    return `${shortName(statement)}: whether ${statement.reachingFor} holds too`;
  }
  if (statement.skill === 'order' && statement.privateOrder === null) {
    return `${shortName(statement)}: whether the words after ${statement.conventionalTo} are always the same`;
  }
  return null;
}

/** What a statement is about, in a few words. */
export function shortName(statement: Statement): string {
  switch (statement.skill) {
    case 'order':
      return `the numbers to ${statement.conventionalTo}`;
    case 'one-to-one':
      return `${statement.steadyTo} ${placedWords[statement.arrangement]}`;
    case 'count-out':
      return `counting out ${statement.steadyTo}`;
    case 'fetch':
      return `fetching ${statement.level === 'CP' ? 'by counting' : (statement.level ?? 'a number')}`;
    default:
      return principleWords[statement.skill][1];
  }
}

const list = (parts: readonly string[]): string =>
  parts.length < 2 ? parts.join('') : `${parts.slice(0, -1).join(', ')} and ${parts.at(-1)}`;
