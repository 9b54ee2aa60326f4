import { isOfNumbers, isOfNumerals, type Statement } from './statement.js';

/** How far a statement goes: a number, how many numerals, or 1 for a principle; 0 where nothing is said. */
export function claimedTo(statement: Statement): number {
  if (isOfNumerals(statement)) return statement.known.length + statement.likely.length;
  return isOfNumbers(statement) ? statement.likelyTo : Number(statement.certainty !== 'unclear');
}

/** How far it is sure, likewise. */
export function surelyTo(statement: Statement): number {
  if (isOfNumerals(statement)) return statement.known.length;
  return isOfNumbers(statement) ? statement.sureTo : Number(statement.certainty === 'sure');
}
