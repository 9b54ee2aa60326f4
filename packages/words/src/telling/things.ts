import type { Arrangement, Change, Comparison, Trace, TraySet } from '@dotting/core';
import type { Words } from '../words.js';
import { amountOf, thingsWords } from './amounts.js';
import { describeCards, describeParts, describeRecording, describeWriting, patternsOf } from './laid.js';

/** Sets side by side, from the left: "7 corks or 5 jar lids". */
export function setsOf(words: Words, { sets, lie }: Pick<Comparison, 'sets' | 'lie'>): string {
  const isOneKind = new Set(sets.map(({ things }) => things)).size === 1;
  const told = sets.map(({ n, things }, i) =>
    // "3, 7 or 4 corks": of one kind it is named once.
    lie === 'cards' || (isOneKind && i < sets.length - 1) ? String(n) : amountOf(words, n, things),
  );
  return words.sets.orSet({ sets: told.slice(0, -1).join(', '), last: told.at(-1)! });
}

/** "8 corks in a row", "4 corks from 15", "numbers to 12", "Otter counting 5 corks in a row". */
export function describeSet(
  words: Words,
  set: Pick<TraySet, 'size' | 'things' | 'arrangement' | 'pile' | 'layout'>,
  target = set.size,
): string {
  const { sets } = words;
  const { layout, arrangement, size, things } = set;
  if (layout?.puppet) {
    return arrangement === 'none'
      ? sets.otterSays({ n: target })
      : sets.otterCounts({ what: placed(words, set, arrangement) });
  }
  if (layout?.comparison)
    return sets.sideBySide[layout.comparison.relation]({ sets: setsOf(words, layout.comparison) });
  if (layout?.cards) return describeCards(words, layout.cards);
  const written = describeRecording(words, set) ?? describeWriting(words, set);
  if (written !== null) return written;
  if (layout?.patterns) return patternsOf(words, layout.patterns);
  const ofParts = describeParts(words, set);
  if (ofParts !== null) return ofParts;
  if (layout?.turns) return sets.turns({ last: layout.turns.last, now: layout.turns.now });
  if (layout?.doing) return sets.doing[layout.doing]({ n: target });
  if (layout?.change) return changed(words, set, layout.change);
  if (layout?.most !== undefined) return sets.game({ n: size });
  if (arrangement === 'none') return sets.numbersTo({ n: target });
  if (arrangement === 'heard') return sets.drops({ n: size });
  if (layout?.bowls) return layout.bowls.map((bowl) => amountOf(words, bowl.n, bowl.things)).join(', ');
  if (layout?.handful && size === 0) return sets.handful({ things: thingsWords(words, things) });
  if (layout?.beside)
    return sets.beside[layout.beside]({
      things: thingsWords(words, things),
      amount: amountOf(words, size, layout.model!),
    });
  if (layout?.model)
    return sets.asMany({ things: thingsWords(words, things), amount: amountOf(words, size, layout.model) });
  if (layout?.places !== undefined) {
    const amount = amountOf(words, set.pile ?? size, things);
    const of = { amount, n: layout.places };
    return arrangement === 'frame' ? sets.forCells(of) : sets.forJars(of);
  }
  if (set.pile !== undefined) return sets.fromPile({ amount: amountOf(words, size, things), pile: set.pile });
  return placed(words, set, arrangement);
}

/** What was put in a try, the room’s own task named before it. */
export function titleOf(words: Words, { own, set, target }: Pick<Trace, 'own' | 'set' | 'target'>): string {
  const what = describeSet(words, set, target);
  const task = own && words.own?.tasks.get(own);
  return task === undefined ? what : words.next.titled({ task, what });
}

/** A number and what is done to it. */
function changed(
  words: Words,
  { arrangement, things }: Pick<TraySet, 'arrangement' | 'things'>,
  { from, by, covered }: Change,
): string {
  const { sets } = words;
  const few = Math.abs(by);
  if (arrangement === 'none') {
    if (few === 1) return by > 0 ? sets.after({ n: from }) : sets.before({ n: from });
    return by > 0 ? sets.onFrom({ n: from }) : sets.backFrom({ n: from });
  }
  const amount = amountOf(words, from, things);
  if (covered) return sets.covered({ amount, n: from + by });
  if (arrangement === 'movable') return sets.madeInto({ amount, n: from + by });
  if (arrangement === 'row') return sets.together({ n: from, amount: amountOf(words, few, things) });
  return by > 0 ? sets.more({ amount, n: few }) : sets.fewer({ amount, n: few });
}

const placed = (words: Words, { size, things }: Pick<TraySet, 'size' | 'things'>, at: Arrangement): string =>
  words.sets.placed[at]({ amount: amountOf(words, size, things) });
