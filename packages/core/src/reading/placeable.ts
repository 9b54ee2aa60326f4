import type { TraySet } from '../trace/trace.js';
import { otherParts, waysOf } from './readParts.js';
import { filled, placeIn, placeParts, slotsOf, type Slot } from './slots.js';

/** What a slot can still take: a card that lies there already is not put once more. */
export function openOptions(
  set: Pick<TraySet, 'layout'>,
  slot: Slot,
  put: readonly string[],
): readonly string[] {
  const kind = set.layout?.cards?.kind;
  if (kind !== 'row' && kind !== 'match') return slot.options;
  const used = put.map((place) => placeParts(place).option);
  return slot.options.filter((option) => !used.includes(option));
}

/** The first slot that nothing was put into; null where all are filled, or it has none. */
export const nextSlot = (set: Pick<TraySet, 'size' | 'layout'>, put: readonly string[]): Slot | null =>
  filled(slotsOf(set) ?? [], put).find((slot) => slot.put === null) ?? null;

/** What can be put or told next where nothing has a place of its own: the ways to make a number, cards by where they lie. */
export function placeableOf({ size, layout }: Pick<TraySet, 'size' | 'layout'>): readonly string[] {
  const { parts, cards } = layout ?? {};
  if (parts) return [...waysOf(size), otherParts];
  // Of what is brailled any cell may come next.
  return cards && cards.kind !== 'braille' ? cards.cards.map((_, i) => String(i)) : [];
}

/** The slot of a try that a place taken down belongs to; undefined where it has none. */
export function slotOfPlace(set: Pick<TraySet, 'size' | 'layout'>, place: string): Slot | undefined {
  const { about, option } = placeParts(place);
  return slotsOf(set)?.find((slot) => slot.about === about && slot.options.includes(option));
}

/** What it may have been instead of what was put or told. */
export function insteadOf(set: Pick<TraySet, 'size' | 'layout'>, place: string): readonly string[] {
  const slot = slotOfPlace(set, place);
  const all = slot ? slot.options.map((option) => placeIn(slot, option)) : placeableOf(set);
  return all.filter((one) => one !== place);
}
