import { placeParts, slotOfPlace, type Slot, type TraySet } from '@dotting/core';
import type { Words } from '../words.js';
import { thingsWords } from './amounts.js';

type OfSet = Pick<TraySet, 'size' | 'layout'>;

/** What is to be put or told next: "Written at B", "How many corks". */
export function slotWords(words: Words, { of, about }: Slot, { layout }: OfSet): string {
  const { slot } = words.thumb;
  switch (of) {
    case 'card':
    case 'at':
      return slot[of]({ about });
    case 'kind':
      return slot.kind({ about: thingsWords(words, about) });
    case 'recorded':
      return slot[layout?.records ?? 'tally']();
    default:
      return slot[of]();
  }
}

const named = [
  'across',
  'not-across',
  'agreed',
  'mended',
  'not-checked',
  'blank',
  'legible',
  'another-numeral',
  'no-numeral',
  'at-its-start',
  'elsewhere',
  'right-way',
  'other-way',
  'strokes-in-order',
  'other-order',
  'right-way-round',
  'mirrored',
  'in-order',
  'turned-round',
  'as-said',
] as const;

/** One of those that it may be. */
export function optionWords(words: Words, option: string): string {
  const name = named.find((one) => one === option);
  if (name) return words.thumb[name]();
  return /^\d+$/.test(option) ? option : thingsWords(words, option);
}

/** What was put or told, and what it is about; null where it has no such place. */
export function slotPlaceWords(words: Words, place: string, set: OfSet): string | null {
  const slot = slotOfPlace(set, place);
  if (!slot) return null;
  const option = optionWords(words, placeParts(place).option);
  return slot.of === 'next' ? option : words.events.slotTold({ slot: slotWords(words, slot, set), option });
}
