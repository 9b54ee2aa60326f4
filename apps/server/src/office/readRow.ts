import {
  childColumnNames,
  childColumns,
  likeFormula,
  type ChildColumn,
  type ChildColumns,
  type DayOrder,
  type RegisterColumn,
} from '@dotting/contract';
import { type ChildId, type StaffId } from '@dotting/core';
import { isUUID } from 'class-validator';
import { isValid, parse } from 'date-fns';
import type { Child } from '../nursery/child.entity.js';
import { spoken } from '../wording/spoken.js';

/** A row of a file, each cell by its column; what is absent was not in the file. */
export type RawRow = Readonly<Partial<Record<RegisterColumn, string>>>;

/** What the cells are read against. */
export interface Register {
  readonly rooms: readonly { readonly id: string; readonly name: string }[];
  readonly languages: readonly { readonly tag: string; readonly name: string }[];
  readonly adults: readonly { readonly id: StaffId; readonly email: string }[];
  readonly dayOrder: DayOrder;
  /** YYYY-MM-DD. */
  readonly today: string;
}

/** What the register has of a child, but for its id and who sees it. */
type RegisterFields = ChildColumns & Pick<Child, 'roomId' | 'leftOn'>;

/** A child as the register has it, with whom it is named for. */
export type Known = RegisterFields & { readonly id: ChildId; readonly seenBy: readonly StaffId[] };

/** What a row says of a child: only what its filled cells say. An empty cell changes nothing. */
export interface ReadRow {
  readonly id: ChildId | null;
  readonly said: Partial<RegisterFields> & { readonly seenBy?: readonly StaffId[] };
  /** What is wrong, cell by cell, and how to put it right. */
  readonly wrong: readonly string[];
}

/** Reads the cells of one row. Whatever cannot be read is named, with what would do. */
export function readRow(row: RawRow, register: Register): ReadRow {
  const wrong: string[] = [];
  const cell = <Value>(column: RegisterColumn, read: (text: string) => Value | Sorry): Value | undefined => {
    const text = unguarded(row[column]?.trim() ?? '');
    if (text === '') return undefined;
    const value = read(text);
    if (!(value instanceof Sorry)) return value;
    wrong.push(`${spoken().columns[column]()}: ${value.words}`);
    return undefined;
  };
  const id = cell('id', (text) =>
    isUUID(text) ? (text.toLowerCase() as ChildId) : sorry(text, spoken().rows.badId()),
  );
  const columns = childColumnNames.map((name) => [
    name,
    cell(name, (text) => readCell(text, childColumns[name], register)),
  ]);
  const said = {
    ...(Object.fromEntries(columns) as Partial<ChildColumns>),
    roomId: cell('room', (text) => readRoom(text, register)),
    seenBy: cell('seenBy', (text) => readAdults(text, register)),
    leftOn: cell('leftOn', (text) => readDay(text, register.dayOrder)),
  };
  return { id: id ?? null, said: withoutAbsent(said), wrong };
}

/** Why a cell cannot be read. */
export class Sorry {
  constructor(readonly words: string) {}
}

const sorry = (text: string, words: string): Sorry => new Sorry(`“${text}” ${words}`);

/** Without the apostrophe that keeps a spreadsheet from taking a text for a formula. */
const unguarded = (text: string): string =>
  text.startsWith("'") && likeFormula.test(text.slice(1)) ? text.slice(1).trim() : text;

/** A filled cell, by what its column can hold. */
function readCell(
  text: string,
  column: ChildColumn,
  register: Pick<Register, 'languages' | 'dayOrder' | 'today'>,
): string | boolean | string[] | Sorry {
  switch (column.kind) {
    case 'text':
      return short(text, column.most);
    case 'birth':
      return readBirthDate(text, register);
    case 'yes-no':
      return readOne(text, yesNo, spoken().rows.yesOrNo());
    case 'one-of':
      return readOneOf(text, column.of);
    case 'languages':
      return readLanguages(text, register, column.most);
    case 'several-of':
      return readSeveralOf(text, column.of);
  }
}

const short = (text: string, letters: number): string | Sorry =>
  text.length <= letters ? text : new Sorry(spoken().rows.tooLong({ n: text.length, most: letters }));

const yesNo = { yes: true, y: true, true: true, '1': true, no: false, n: false, false: false, '0': false };

/** By the whole word, or its first letter where only one begins so. */
function readOneOf(text: string, options: readonly string[]): string | Sorry {
  const found = options.filter((option) => same(option, text));
  const begun = text.length === 1 ? options.filter((option) => same(option[0]!, text)) : [];
  const [only, ...more] = found.length > 0 ? found : begun;
  if (only !== undefined && more.length === 0) return only;
  const otherwise = spoken().rows.writeOneOf({ options: options.join(', ') });
  return sorry(text, spoken().rows.notRead({ otherwise }));
}

function readOne<Value>(
  text: string,
  among: Readonly<Record<string, Value>>,
  otherwise: string,
): Value | Sorry {
  const key = text.toLowerCase();
  return Object.hasOwn(among, key) ? among[key]! : sorry(text, spoken().rows.notRead({ otherwise }));
}

const formats: Record<DayOrder, readonly string[]> = {
  'day-first': ['d/M/yyyy', 'd.M.yyyy', 'd-M-yyyy'],
  'month-first': ['M/d/yyyy', 'M.d.yyyy', 'M-d-yyyy'],
};

/** A day as YYYY-MM-DD, or in the order that was said. */
function readDay(text: string, order: DayOrder): string | Sorry {
  for (const format of ['yyyy-M-d', ...formats[order]]) {
    const day = parse(`${text} Z`, `${format} X`, new Date(0));
    const year = isValid(day) ? day.getUTCFullYear() : 0;
    if (year >= 1990 && year <= 2200) return day.toISOString().slice(0, 10);
  }
  const example = order === 'day-first' ? '28/02/2022' : '02/28/2022';
  return sorry(text, spoken().rows.badDay({ example }));
}

function readBirthDate(
  text: string,
  { dayOrder, today }: Pick<Register, 'dayOrder' | 'today'>,
): string | Sorry {
  const day = readDay(text, dayOrder);
  if (day instanceof Sorry || day <= today) return day;
  return sorry(text, spoken().rows.birthToCome());
}

function readRoom(text: string, { rooms }: Register): string | Sorry {
  const room = rooms.find((one) => same(one.name, text));
  return room?.id ?? sorry(text, spoken().rows.badRoom({ rooms: rooms.map((one) => one.name).join(', ') }));
}

/** Several things in one cell stand apart by semicolons. */
const several = (text: string): readonly string[] => [
  ...new Set(
    text
      .split(';')
      .map((one) => one.trim())
      .filter((one) => one !== ''),
  ),
];

function readLanguages(
  text: string,
  { languages }: Pick<Register, 'languages'>,
  most: number,
): string[] | Sorry {
  const tags: string[] = [];
  for (const one of several(text)) {
    const language = languages.find(({ tag, name }) => same(tag, one) || same(name, one));
    if (!language)
      return sorry(
        one,
        spoken().rows.badLanguage({ languages: languages.map((each) => each.tag).join(', ') }),
      );
    tags.push(language.tag);
  }
  return tags.length <= most ? tags : new Sorry(spoken().rows.manyLanguages({ most }));
}

function readSeveralOf(text: string, options: readonly string[]): string[] | Sorry {
  const found: string[] = [];
  for (const one of several(text)) {
    const option = options.find((each) => same(each, one));
    if (!option) return sorry(one, spoken().rows.notAmong({ options: options.join(', ') }));
    found.push(option);
  }
  return found;
}

function readAdults(text: string, { adults }: Register): StaffId[] | Sorry {
  const ids: StaffId[] = [];
  for (const one of several(text)) {
    const adult = adults.find((each) => same(each.email, one));
    if (!adult) return sorry(one, spoken().rows.badAdult());
    ids.push(adult.id);
  }
  return ids;
}

export const same = (one: string, other: string): boolean =>
  one.trim().toLocaleLowerCase() === other.trim().toLocaleLowerCase();

function withoutAbsent<Fields extends object>(fields: Fields): ReadRow['said'] {
  return Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== undefined));
}
