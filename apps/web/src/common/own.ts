import type { RoomHere } from '@dotting/contract';
import { asCounters } from '@dotting/contract/counters';
import type { Counter } from '@dotting/core';
import { useHere } from './here.js';

type Own = Pick<RoomHere, 'ownTasks' | 'ownThings'> & {
  /** Its kinds of things, as the core knows them. */
  readonly counters: readonly Counter[];
};

/** What a room has made for itself; nothing where the adult has nothing to do with it any more. */
export function useOwn(roomId: string): Own {
  const { here } = useHere();
  const { ownTasks = [], ownThings = [] } = here.rooms.find(({ id }) => id === roomId) ?? {};
  return { ownTasks, ownThings, counters: asCounters(ownThings) };
}
