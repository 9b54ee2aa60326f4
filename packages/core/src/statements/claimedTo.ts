import { isOfNumbers, type Statement } from './statement.js';

/** How far a statement goes: a number, or 1 for a principle; 0 where nothing is said. */
export function claimedTo(statement: Statement): number {
  return isOfNumbers(statement) ? statement.likelyTo : Number(statement.certainty !== 'unclear');
}

/** How far it is sure: a number, or 1 for a principle. */
export function surelyTo(statement: Statement): number {
  return isOfNumbers(statement) ? statement.sureTo : Number(statement.certainty === 'sure');
}
