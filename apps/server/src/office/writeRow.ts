import {
  childColumnNames,
  childColumns,
  type ChildColumn,
  type ChildColumnName,
  type ChildColumns,
  type RegisterColumn,
} from '@dotting/contract';
import type { Known, Register } from './readRow.js';

/** A child as a row of the register's file: what `readRow` reads back as the same. */
export function writeRow(
  child: Known,
  { rooms, adults }: Pick<Register, 'rooms' | 'adults'>,
): Record<RegisterColumn, string> {
  const columns = childColumnNames.map((name) => [name, writeCell(child[name], childColumns[name])]);
  return {
    id: child.id,
    room: rooms.find((room) => room.id === child.roomId)?.name ?? '',
    ...(Object.fromEntries(columns) as Record<ChildColumnName, string>),
    seenBy: child.seenBy
      .map((id) => adults.find((adult) => adult.id === id)?.email ?? '')
      .toSorted()
      .join('; '),
    leftOn: child.leftOn ?? '',
  };
}

/** A value as the text of a cell; nothing for what nobody has said. */
function writeCell(value: ChildColumns[ChildColumnName], column: ChildColumn): string {
  if (value === null) return '';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'string') return value;
  // Several of some have no order of their own; of languages the first is the usual one.
  const values: readonly string[] = value;
  return (column.kind === 'several-of' ? inOrderOf(column.of, values) : values).join('; ');
}

const inOrderOf = (options: readonly string[], chosen: readonly string[]): readonly string[] =>
  options.filter((option) => chosen.includes(option));
