import type { RegisterColumn } from '@dotting/contract';
import type { Known } from './planImport.js';
import type { Register } from './readRow.js';

/** A child as a row of the register's file: what `readRow` reads back as the same. */
export function writeRow(
  child: Known,
  { rooms, adults }: Pick<Register, 'rooms' | 'adults'>,
): Record<RegisterColumn, string> {
  return {
    id: child.id,
    firstName: child.firstName,
    lastName: child.lastName,
    birthDate: child.birthDate ?? '',
    room: rooms.find((room) => room.id === child.roomId)?.name ?? '',
    group: child.group,
    hand: child.hand ?? '',
    mouths: child.mouths === null ? '' : child.mouths ? 'yes' : 'no',
    allergies: child.allergies,
    languages: child.languages.join('; '),
    needs: child.needs.join('; '),
    seenBy: child.seenBy.map((id) => adults.find((adult) => adult.id === id)?.email ?? '').join('; '),
    leftOn: child.leftOn ?? '',
  };
}
