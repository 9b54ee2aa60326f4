import type { Room } from '@dotting/contract';
import { useState } from 'react';

const key = 'dotting-room';

/** The room this device was last used for; the first where it was none. */
export const lastRoom = (rooms: readonly Room[], id = localStorage.getItem(key)): Room | undefined =>
  rooms.find((room) => room.id === id) ?? rooms[0];

/** The room that is looked at, kept on this device, and how to choose another. */
export function useRoom(rooms: readonly Room[]): [Room | undefined, (room: Room) => void] {
  const [id, setId] = useState(() => localStorage.getItem(key));
  const choose = (room: Room): void => {
    localStorage.setItem(key, room.id);
    setId(room.id);
  };
  return [lastRoom(rooms, id), choose];
}
