import type { RoomHere } from '@dotting/contract';
import { useState } from 'react';

const key = 'dotting-room';

/** The room this device was last used for; the first where it was none. */
export const lastRoom = (rooms: readonly RoomHere[], id = localStorage.getItem(key)): RoomHere | undefined =>
  rooms.find((room) => room.id === id) ?? rooms[0];

/** The room that is looked at, kept on this device, and how to choose another. */
export function useRoom(rooms: readonly RoomHere[]): [RoomHere | undefined, (room: RoomHere) => void] {
  const [id, setId] = useState(() => localStorage.getItem(key));
  const choose = (room: RoomHere): void => {
    localStorage.setItem(key, room.id);
    setId(room.id);
  };
  return [lastRoom(rooms, id), choose];
}
