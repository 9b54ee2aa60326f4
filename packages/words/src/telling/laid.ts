// What lies there, by its kind; `describeSet` has the rest. What was made of it is told elsewhere.
import type { Cards, Carry, DotPattern, TraySet, Weighed } from '@dotting/core';
import type { Words } from '../words.js';
import { amountOf, thingsWords } from './amounts.js';
import { listOf } from './list.js';

type OfSet = Pick<TraySet, 'size' | 'things' | 'layout'>;

/** What lies there: "6 among 9, 5 and 7". */
export function describeCards(words: Words, { kind, n, cards, given, code = 'literary' }: Cards): string {
  const of = words.sets.cards;
  switch (kind) {
    case 'find':
      return of.find({ n, others: listOf(words, cards.filter((one) => one !== n).map(String)) });
    case 'find-all':
    case 'find-pictures':
      return of[kind]({ n, of: cards.length });
    case 'row': {
      const from = String(cards[0]);
      return given ? of.gaps({ from, n, many: cards.length - given.length }) : of.row({ from, n });
    }
    case 'match':
    case 'hunt':
      return of[kind]({ numbers: listOf(words, cards.map(String)) });
    case 'teen':
      return of.teen({ ones: String(cards[1]) });
    case 'feel':
    case 'braille':
      return of[kind]({ n, code });
    case 'name':
    case 'line':
    case 'stair':
      return of[kind]({ n });
  }
}

/** "5 dots", "8 in a frame, line by line"; two patterns are held against each other. */
export function patternsOf({ sets }: Words, [one, other]: readonly DotPattern[]): string {
  const told = (pattern: DotPattern): string => sets.shown[pattern.form]({ n: pattern.n });
  return other ? sets.twoLooks({ one: told(one!), other: told(other) }) : told(one!);
}

/** What is to be written; null for all else. */
export function describeWriting(words: Words, { size, things, layout }: OfSet): string | null {
  const { writing } = layout ?? {};
  if (!writing) return null;
  const tell = words.sets.writing;
  if (writing.counted) return tell.counted({ amount: amountOf(words, size, things) });
  return tell[writing.way]({ n: writing.n });
}

/** What is to be recorded or sorted; null for all else. */
export function describeRecording(words: Words, { size, things, layout }: OfSet): string | null {
  const { sets } = words;
  if (layout?.records) return sets.records[layout.records]({ amount: amountOf(words, size, things) });
  if (layout?.track) return sets.track({ amount: amountOf(words, size, things), n: String(layout.places) });
  if (!layout?.sorted) return null;
  const kinds = layout.sorted.map((one) => amountOf(words, one.n, one.things));
  return sets.sorted({ kinds: listOf(words, kinds) });
}

/** One round of a pattern: "corks · shells · shells". */
export const patternWords = (words: Words, { unit }: Pick<Carry, 'unit'>): string =>
  unit.map((things) => thingsWords(words, things)).join(' · ');

/** What lies on the other side of a balance: "the numeral 3 and a set of 2". */
export const balanceWords = (words: Words, balance: readonly Weighed[]): string =>
  listOf(
    words,
    balance.map(({ n, as }) => words.sets.weighed[as]({ n })),
  );

/** Of what is taken apart, paired, carried on, filled or weighed: what it is; null for all else. */
export function describeParts(words: Words, set: OfSet): string | null {
  const { size: n, things, layout } = set;
  const { sets } = words;
  if (layout?.parts)
    return sets.parts({ n, one: thingsWords(words, things), other: thingsWords(words, layout.model!) });
  if (layout?.pairs) return sets.ofPairs({ amount: amountOf(words, n, things) });
  if (layout?.carry) return sets.pattern({ unit: patternWords(words, layout.carry) });
  if (layout?.balance)
    return sets.balance({ things: thingsWords(words, things), what: balanceWords(words, layout.balance) });
  if (layout?.places !== undefined && layout.change)
    return sets.toTen({ amount: amountOf(words, n, things) });
  return null;
}
