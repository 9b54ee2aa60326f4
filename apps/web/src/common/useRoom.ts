import type { Room } from '@dotting/contract';
import { useState } from 'react';

const key = 'dotting-room';

/** The room this device was last used for; the first where it was none. */
export function useRoom(rooms: readonly Room[]): [Room | undefined, (room: Room) => void] {
  const [id, setId] = useState(() => localStorage.getItem(key));
  const choose = (room: Room): void => {
    localStorage.setItem(key, room.id);
    setId(room.id);
  };
  return [rooms.find((room) => room.id === id) ?? rooms[0], choose];
}
