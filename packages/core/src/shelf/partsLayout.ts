import type { Random } from '../common/random.js';
import type { Carry, Change, DotPattern, Layout, PatternForm, Weighed } from '../trace/trace.js';
import { otherCounter } from './counters.js';
import { mostDots } from './dots.js';
import type { Shows } from './task.js';

/** What is counted, and the kinds that may lie beside it. */
export interface Laid {
  readonly things: string;
  readonly kinds: readonly string[];
}

/** A full frame. */
const ten = 10;

/** So many lie in a frame of ten that n more fill it. */
export const toTen = (n: number): Layout => ({
  places: ten,
  change: { from: ten, by: n - ten, covered: true },
});

/** Ten and some put together, or so many taken apart, ten of them in view. */
export const tenAndSome = (way: string | undefined, n: number): Change =>
  way === 'taken-apart' ? { from: n, by: -ten, covered: true } : { from: ten, by: n - ten };

/** Rounds of a pattern that lie there, and then some of the next. */
const roundsShown = 2;

/** Two kinds of things, or three, in the order of one round. */
export function carryFor(way = 'ab', { things, kinds }: Laid): Carry {
  const second = otherCounter(things, kinds);
  const third = otherCounter(
    second,
    kinds.filter((kind) => kind !== things),
  );
  const of: Readonly<Record<string, string>> = { a: things, b: second, c: third };
  const unit = [...way].map((letter) => of[letter]!);
  return { unit, shown: roundsShown * unit.length };
}

/** n on one side: a numeral, a picture of so many, two numerals, or a numeral and a set. */
export function balanceFor(way: string | undefined, n: number, random: Random): readonly Weighed[] {
  const first = 1 + Math.floor(random() * (n - 1));
  switch (way) {
    case 'picture':
      return [{ n, as: 'picture' }];
    case 'two-numerals':
      return [
        { n: first, as: 'numeral' },
        { n: n - first, as: 'numeral' },
      ];
    case 'numeral-and-set':
      return [
        { n: first, as: 'numeral' },
        { n: n - first, as: 'set' },
      ];
    default:
      return [{ n, as: 'numeral' }];
  }
}

/** One pattern, or two frames filled in different ways: of half of them the second has one more or one fewer. */
export function patternsFor(
  shows: Shows,
  n: number,
  way: string | undefined,
  random: Random,
): readonly DotPattern[] {
  const seed = Math.floor(random() * 2 ** 31);
  if (shows === 'two-frames') {
    const other = random() < 0.5 ? n : n === mostDots || random() < 0.5 ? n - 1 : n + 1;
    const [first, second]: readonly PatternForm[] =
      random() < 0.5 ? ['frame-rows', 'frame-pairs'] : ['frame-pairs', 'frame-rows'];
    return [
      { form: first!, n, seed },
      { form: second!, n: other, seed },
    ];
  }
  const form = shows === 'frame' ? (way === 'pairs' ? 'frame-pairs' : 'frame-rows') : shows;
  return [{ form, n, seed }];
}
