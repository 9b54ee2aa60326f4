import type { Statement } from './statement.js';

/** How far a statement goes: a number, or 1 for a principle that is shown; 0 where nothing is claimed. */
export function claimedTo(statement: Statement): number {
  switch (statement.skill) {
    case 'order':
      return statement.conventionalTo;
    case 'one-to-one':
    case 'count-out':
      return statement.steadyTo;
    case 'fetch':
      return statement.level === 'CP' ? statement.triedTo : Number(statement.level ?? 0);
    default:
      return Number(statement.shown);
  }
}
