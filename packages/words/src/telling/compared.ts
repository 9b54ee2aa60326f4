import {
  asksForFewer,
  choicesOf,
  standsOut,
  isTested,
  readComparing,
  readTested,
  type Chosen,
  type ComparingReading,
  readDifference,
  type Comparison,
  type HowCompared,
  type ReadableTrace,
} from '@dotting/core';
import type { Words } from '../words.js';
import { listOf } from './list.js';
import { amountOf } from './amounts.js';
import { setsOf } from './things.js';

/** How each set is laid on a real table, from the left: "Left: 7 corks, in a row 210 mm long". */
export function layingOf(words: Words, { sets, lie }: Comparison): readonly string[] {
  const { lies } = words.sets;
  const places = sets.length === 3 ? (['left', 'middle', 'right'] as const) : (['left', 'right'] as const);
  return sets.map((set, i) => {
    const told = {
      where: lies[places[i]!](),
      amount: amountOf(words, set.n, set.things),
      length: set.length,
      depth: set.depth,
    };
    if (lie === 'cards') return lies.card({ where: told.where, n: set.n });
    if (set.n < 2) return lies.one(told);
    return lie === 'rows' ? lies.row(told) : lies.spread(told);
  });
}

/** What was asked of sets side by side, and which was taken; of one that was not right, what else it had. */
export function tellComparing(words: Words, trace: ReadableTrace): string | null {
  const reading = readComparing(trace);
  if (!reading) return null;
  const told = tellChosen(words, reading);
  return isTested(trace) ? tellTested(words, told, reading, readTested(trace)) : told;
}

/** What was found once the sets were tested: the same, or another. */
function tellTested(
  words: Words,
  told: string,
  { chosen, comparison }: ComparingReading,
  found: Chosen | null,
): string {
  const { tested, compared } = words.tries;
  if (found === null) return tested.nothing({ told });
  if (found === chosen) return tested.agreed({ told });
  const name = found === 'as-many' ? 'as-many' : (choicesOf(comparison)[found] as 'left-set');
  const taken = found === 'as-many' ? undefined : comparison.sets[found];
  const what = taken
    ? compared.the({ amount: amountOf(words, taken.n, taken.things) })
    : words.events.choices[name]();
  return tested.other({ told, what });
}

function tellChosen(words: Words, { comparison, chosen, right }: ComparingReading): string {
  const { compared } = words.tries;
  const asked = compared.asked[comparison.relation]({ sets: setsOf(words, comparison) });
  if (chosen === null) return compared.none({ asked });
  if (chosen === 'as-many') return compared.same({ asked });
  const taken = comparison.sets[chosen]!;
  const isAlone =
    comparison.sets.filter(({ n, things }) => n === taken.n && things === taken.things).length === 1;
  const amount = comparison.lie === 'cards' ? String(taken.n) : amountOf(words, taken.n, taken.things);
  const what = isAlone
    ? compared.the({ amount })
    : words.events.choices[choicesOf(comparison)[chosen] as 'left-set']();
  const also = right ? [] : standingOut(words, chosen, comparison);
  return compared.took({ asked, what: [what, ...(also.length > 0 ? [listOf(words, also)] : [])].join(', ') });
}

/** By how many one of two sets was said to be larger. */
export function tellDifference(words: Words, trace: ReadableTrace): string | null {
  const reading = readDifference(trace);
  if (!reading) return null;
  const { difference, said, right } = reading;
  const { by } = words.tries.compared;
  const sets = setsOf(words, trace.set.layout!.comparison!);
  if (said === null || said === 'did-not-know') return by.none({ sets });
  return right ? by.right({ sets, n: difference }) : by.other({ sets, said: String(said), n: difference });
}

/** How a set that was not the right one stood out. */
function standingOut(
  { tries: { compared } }: Words,
  place: number,
  comparison: Comparison,
): readonly string[] {
  const isFewer = asksForFewer(comparison.relation);
  return standsOut(place, comparison).map((trap) => compared[trap][isFewer ? 'less' : 'more']());
}

/** What a child goes by when it compares, with what shows it. */
export function tellCompared({ statements: { by } }: Words, how: HowCompared): string {
  const { rule, trap, isLast, took, of, pairs } = how;
  if (rule === null) return by.notClear({ n: pairs });
  if (rule === 'side') return by.side({ which: isLast ? 'right' : 'left', took, of });
  if (rule === 'mixed') return by.mixed[trap ?? 'any']({ took, of });
  return by[rule]({ took, of });
}
