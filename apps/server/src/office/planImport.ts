import {
  blankChild,
  canBeLastDay,
  isFarLastDay,
  registerColumns,
  type ImportedRow,
  type ImportOutcome,
} from '@dotting/contract';
import { canBeBorn, type ChildId } from '@dotting/core';
import { readRow, same, type RawRow, type ReadRow, type Register, type Known } from './readRow.js';
import { writeRow } from './writeRow.js';
import { spoken } from '../wording/spoken.js';

/** What a row comes to. */
export interface PlannedRow {
  readonly told: ImportedRow;
  /** What is to be stored; null where nothing is. */
  readonly child: Known | null;
}

/** As a table shows it, the heading is row 1. */
const firstRow = 2;

/**
 * What becomes of each row of a file: a new child, one that is here already and changes or stays, or
 * none, with every reason. Stores nothing.
 *
 * @param newId gives the id of a new child
 */
export function planImport(
  rows: readonly RawRow[],
  children: readonly Known[],
  register: Register & { readonly sure?: readonly number[] },
  newId: () => ChildId,
): readonly PlannedRow[] {
  const rowOfChild = new Map<string, number>();
  return rows.map((raw, i) => {
    const row = i + firstRow;
    const { id, said, wrong } = readRow(raw, register);
    const name = [said.firstName ?? raw.firstName, said.lastName ?? raw.lastName].filter(Boolean).join(' ');
    const tell = (outcome: ImportOutcome, says: readonly string[], child: Known | null): PlannedRow => ({
      told: { row, name, outcome, says: [...says] },
      child,
    });
    const match = matching(id, said, children);
    if (match.kind === 'unclear') return tell('refused', [...wrong, match.words], null);
    const before = match.kind === 'known' ? match.child : null;
    const missing = before ? [] : missingIn(raw, said);
    const key =
      before?.id ?? `${said.firstName} ${said.lastName ?? ''} ${said.birthDate ?? ''}`.toLocaleLowerCase();
    const earlier = rowOfChild.get(key);
    const twice = earlier === undefined ? [] : [spoken().rows.twice({ row: earlier })];
    const reasons = [...wrong, ...missing, ...beyondReason(said, before, register), ...twice];
    if (reasons.length > 0) return tell('refused', reasons, null);
    rowOfChild.set(key, row);
    const isOtherDay = said.leftOn !== undefined && said.leftOn !== (before?.leftOn ?? null);
    const isFar = isOtherDay && said.leftOn !== null && isFarLastDay(said.leftOn!, register.today);
    if (isFar && !register.sure?.includes(row))
      return tell('asked', [spoken().rows.farLastDay({ day: said.leftOn ?? '' })], null);
    if (!before) {
      const child = { ...blankChild, seenBy: [], leftOn: null, ...said, id: newId() } as Known;
      const born = child.birthDate === null ? [] : [spoken().rows.born({ day: child.birthDate })];
      return tell('new', [spoken().rows.comesTo({ room: roomName(child.roomId, register) }), ...born], child);
    }
    const after = { ...before, ...said };
    const changes = changesFrom(before, after, register);
    return changes.length === 0 ? tell('same', [], null) : tell('changed', changes, after);
  });
}

type Match =
  | { readonly kind: 'known'; readonly child: Known }
  | { readonly kind: 'unknown' }
  | { readonly kind: 'unclear'; readonly words: string };

/** By the id where there is one, else by both names and the birth date, as far as both have one. */
function matching(id: ChildId | null, said: ReadRow['said'], children: readonly Known[]): Match {
  if (id !== null) {
    const child = children.find((one) => one.id === id);
    if (child) return { kind: 'known', child };
    return { kind: 'unclear', words: spoken().rows.unknownId() };
  }
  const alike = children.filter(
    (one) =>
      same(one.firstName, said.firstName ?? '') &&
      same(one.lastName, said.lastName ?? '') &&
      (one.birthDate === null || said.birthDate === undefined || one.birthDate === said.birthDate),
  );
  if (alike.length > 1)
    return {
      kind: 'unclear',
      words: spoken().rows.sameNames(),
    };
  return alike[0] ? { kind: 'known', child: alike[0] } : { kind: 'unknown' };
}

/** Days that cannot be; one that is in the register already is let be. */
function beyondReason(
  { birthDate, leftOn }: ReadRow['said'],
  before: Known | null,
  { today }: Register,
): readonly string[] {
  const isNewBirth = birthDate && birthDate !== before?.birthDate;
  const isNewLastDay = leftOn && leftOn !== before?.leftOn;
  return [
    ...(isNewBirth && !canBeBorn(birthDate, today)
      ? [spoken().rows.oldBirth({ column: spoken().columns.birthDate(), day: birthDate })]
      : []),
    ...(isNewLastDay && !canBeLastDay(leftOn, today)
      ? [spoken().rows.oldLastDay({ column: spoken().columns.leftOn(), day: leftOn })]
      : []),
  ];
}

/** A new child needs a first name and a room; what was there and could not be read is told already. */
function missingIn(raw: RawRow, said: ReadRow['said']): readonly string[] {
  const isEmpty = (text: string | undefined): boolean => (text ?? '').trim() === '';
  return [
    ...(said.firstName === undefined && isEmpty(raw.firstName) ? [spoken().rows.needsName()] : []),
    ...(said.roomId === undefined && isEmpty(raw.room) ? [spoken().rows.needsRoom()] : []),
  ];
}

function changesFrom(before: Known, after: Known, register: Register): readonly string[] {
  const was = writeRow(before, register);
  const is = writeRow(after, register);
  const nothing = spoken().rows.nothing();
  return registerColumns
    .filter((column) => was[column] !== is[column])
    .map((column) => `${spoken().columns[column]()}: ${was[column] || nothing} → ${is[column] || nothing}`);
}

const roomName = (id: string, { rooms }: Register): string => rooms.find((one) => one.id === id)?.name ?? '';
