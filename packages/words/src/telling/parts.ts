import {
  dotsIn,
  otherParts,
  readCarry,
  readParts,
  wayOf,
  type ReadableTrace,
  type TraySet,
} from '@dotting/core';
import type { Words } from '../words.js';
import { listOf } from './list.js';
import { slotPlaceWords } from './slots.js';
import { patternWords } from './laid.js';
import { thingsWords } from './amounts.js';

/** Which ways were found to make a number, and how they came; null where none was looked for. */
export function tellParts(words: Words, trace: ReadableTrace): string | null {
  const parts = readParts(trace);
  if (!parts) return null;
  const { n, found, missing, again, otherNumbers, inOrder, double } = parts;
  const { parts: tell } = words.tries;
  const [many, of] = [String(found.length), String(n + 1)];
  const ways =
    found.length === 0
      ? tell.none({ n })
      : missing.length === 0
        ? tell.all({ of, n })
        : tell.some({
            found: many,
            of,
            n,
            missing: listOf(
              words,
              missing.map((first) => wayOf(n, first)),
            ),
          });
  return [
    ways,
    // Of all of them it is plain.
    ...(double && missing.length > 0 ? [tell.double()] : []),
    ...(inOrder ? [tell[inOrder]()] : []),
    ...(again > 0 ? [tell.again({ n: again })] : []),
    ...(otherNumbers > 0 ? [tell.other({ n: otherNumbers })] : []),
  ].join(', ');
}

/** How a pattern was carried on; null where there was none. */
export function tellCarry(words: Words, trace: ReadableTrace): string | null {
  const reading = readCarry(trace);
  if (!reading) return null;
  const { carry, put, wanted, rightTo, right } = reading;
  const { carry: tell } = words.tries;
  const pattern = patternWords(words, carry);
  if (put.length === 0) return tell.none({ pattern });
  if (right) return tell.right({ pattern });
  if (right === null) return tell.short({ pattern, n: rightTo });
  const named = (things: string): string => thingsWords(words, things);
  return tell.some({ pattern, n: rightTo, put: named(put[rightTo]!), wanted: named(wanted[rightTo]!) });
}

/** What can be put or told next, in words: "2 + 3", "shells". */
export function placeWords(
  words: Words,
  place: string,
  { size, layout }: Pick<TraySet, 'size' | 'layout'>,
): string {
  const ofSlot = slotPlaceWords(words, place, { size, layout });
  if (ofSlot !== null) return ofSlot;
  if (layout?.cards?.kind === 'braille')
    return words.sets.cell({ cell: place, dots: dotsIn(place).join(' ') });
  if (layout?.cards) return words.sets.card({ n: layout.cards.cards[Number(place)] ?? place });
  return place === otherParts ? words.sets.otherParts({ n: size }) : place.replace('+', ' + ');
}
