import {
  isClaimed,
  isOfNumbers,
  isOfNumerals,
  type NumberStatement,
  type NumeralsStatement,
  type PrincipleStatement,
  type SittingChange,
  type Statement,
} from '@dotting/core';
import type { Words } from '../words.js';
import { listOf } from './list.js';
import { runsOf, tellMixedUp } from './numerals.js';

/**
 * What may be said, in plain words that begin with the child: "counts 8 in a row – sure. Likely up to 10".
 * What carries less than it seems to is named.
 */
export function tellStatement(words: Words, statement: Statement): string {
  if (!isClaimed(statement)) {
    const taken = isOfNumerals(statement) ? tellMixedUp(words, statement) : null;
    return [words.statements.notClear(), ...(taken === null ? [] : [taken])].join('. ');
  }
  if (!isWorthSaying(statement)) return words.statements.notClearBeyond({ n: 1 });
  if (isOfNumerals(statement)) return tellNumerals(words, statement);
  return isOfNumbers(statement) ? tellNumber(words, statement) : tellPrinciple(words, statement);
}

/** One word, or one thing touched, is no counting yet: nobody would say of a child that it counts one. */
export function isWorthSaying(statement: Statement): boolean {
  const isOfCounting = statement.by === 'order' || statement.by === 'one-to-one';
  return isClaimed(statement) && !(isOfCounting && statement.likelyTo <= 1);
}

function tellNumber(words: Words, statement: NumberStatement): string {
  const { statements } = words;
  const { likelyTo } = statement;
  const sureTo = isWorthSaying({ ...statement, likelyTo: statement.sureTo }) ? statement.sureTo : 0;
  const noMore = statement.by === 'fetch' && likelyTo < 5 && statement.missedAbove;
  const claim = (n: number): string => upTo(words, statement, n);
  const first =
    sureTo > 0
      ? statements.sure({ claim: claim(sureTo) })
      : statements.likely({ claim: carried(words, claim(likelyTo), statement) });
  const rest = [
    sureTo > 0 && likelyTo > sureTo ? statements.alsoLikely({ n: likelyTo }) : null,
    noMore ? null : beyond(words, statement),
  ].filter((one) => one !== null);
  return [noMore ? `${first}, ${statements.noMore()}` : first, ...rest].join('. ');
}

/** What the child does as far as a number. */
function upTo({ statements }: Words, statement: NumberStatement, n: number): string {
  switch (statement.by) {
    case 'one-to-one':
      return statements['one-to-one'][statement.arrangement]({ n });
    case 'fetch':
      return n > 4 ? statements.fetchAny({ n }) : statements.fetch({ n });
    default:
      return statements[statement.by]({ n });
  }
}

/** What comes after, as far as it is known: the child's own words, where track is lost, nothing asked. */
function beyond({ statements }: Words, statement: NumberStatement): string | null {
  const { likelyTo, triedTo } = statement;
  if (statement.by === 'order' && statement.privateOrder && statement.privateOrder.length > 0)
    return statements.ownWords({ n: statement.ownAfter, words: statement.privateOrder.join(', ') });
  if (statement.by === 'one-to-one' && statement.shape) return statements.shape[statement.shape]();
  const isSoFar = statement.by === 'fetch' && likelyTo > 4;
  return likelyTo === triedTo && !isSoFar ? statements.notBeyond({ n: triedTo }) : null;
}

/** Which numerals are known, which likely, and which are taken for another. */
function tellNumerals(words: Words, statement: NumeralsStatement): string {
  const { statements } = words;
  const { known, likely } = statement;
  const claim = (of: readonly number[]): string => statements[statement.by]({ which: runsOf(words, of) });
  const first =
    known.length > 0
      ? statements.sure({ claim: claim(known) })
      : statements.likely({ claim: carried(words, claim(likely), statement) });
  const also =
    known.length > 0 && likely.length > 0 ? statements.alsoNumerals({ which: runsOf(words, likely) }) : null;
  return [first, also, tellMixedUp(words, statement)].filter((one) => one !== null).join('. ');
}

function tellPrinciple(words: Words, statement: PrincipleStatement): string {
  const { statements } = words;
  const { by, certainty, cardinalityBy } = statement;
  const shown = statements.principle[by]();
  const claim = cardinalityBy === null ? shown : statements.cardinality[cardinalityBy]({ claim: shown });
  return certainty === 'sure'
    ? statements.sure({ claim })
    : statements.likely({ claim: carried(words, claim, statement) });
}

/** What carries less than it seems to, named. */
function carried({ statements }: Words, claim: string, { weakenedBy }: Statement): string {
  if (weakenedBy.length === 0) return claim;
  return statements.carried({
    claim,
    what: weakenedBy.map((one) => statements.carriedBy[one]()).join(', '),
  });
}

/** What is still to be seen before what is likely can be sure. */
export const wantsOf = ({ statements }: Words, { weakenedBy }: Statement): readonly string[] =>
  weakenedBy.map((one) => statements.wants[one]());

/** What is still to be found out of a skill; null where nothing is. */
function tellOpen(words: Words, statement: Statement): string | null {
  const { statements, skills } = words;
  const skill = skills[statement.skill]();
  const wants = wantsOf(words, statement);
  if (!isWorthSaying(statement)) return statements.open({ skill });
  if (statement.certainty !== 'sure' && wants.length > 0)
    return statements.openNeeds({ skill, what: listOf(words, wants) });
  if (isOfNumbers(statement) && statement.reachingFor !== null)
    return statements.openNext({ skill, n: statement.reachingFor });
  return null;
}

/** What a sitting changed in what may be said of a child, in sentences, and what is still to be found out. */
export function tellChanges(
  words: Words,
  changes: readonly SittingChange[],
  name: string,
): { readonly changed: readonly string[]; readonly open: readonly string[] } {
  return {
    changed: changes.flatMap((change) => tellChange(words, change, name) ?? []),
    open: changes.flatMap(({ now }) => tellOpen(words, now) ?? []),
  };
}

function tellChange(words: Words, { before, now }: SittingChange, name: string): string | null {
  const { statements, skills } = words;
  const said = tellStatement(words, now);
  const was = before && isWorthSaying(before) ? tellStatement(words, before) : null;
  if (said === was) return null;
  if (!isWorthSaying(now))
    return was === null ? null : statements.lost({ name, skill: skills[now.skill](), before: was });
  return was === null
    ? statements.changed({ name, said })
    : statements.changedFrom({ name, said, before: was });
}
