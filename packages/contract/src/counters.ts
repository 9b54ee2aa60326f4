import type { Counter } from '@dotting/core';
import type { OwnThingsBody, OwnThingsView } from './ownThings.js';

/** As the core knows kinds of things. */
export const asCounter = ({
  id,
  small,
  across,
  sharp,
  food,
  mouthable,
}: OwnThingsBody & { readonly id: string }): Counter => ({
  id,
  small,
  across,
  ...(sharp && { sharp }),
  ...(food.trim() !== '' && { food: food.trim() }),
  ...(mouthable && { mouthable }),
});

/** Kinds of things of a room as the core knows them. */
export const asCounters = (things: readonly OwnThingsView[]): readonly Counter[] => things.map(asCounter);

/** Those that can be laid to be counted. */
export const countable = (things: readonly OwnThingsView[]): readonly OwnThingsView[] =>
  things.filter(({ isContainer, retired }) => !isContainer && !retired);
