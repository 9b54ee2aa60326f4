import { likeFormula, type DayOrder, type RegisterColumn } from '@dotting/contract';
import { needs, type ChildId, type Need, type StaffId } from '@dotting/core';
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
export type RegisterFields = Pick<
  Child,
  | 'firstName'
  | 'lastName'
  | 'birthDate'
  | 'roomId'
  | 'group'
  | 'hand'
  | 'mouths'
  | 'allergies'
  | 'languages'
  | 'needs'
  | 'leftOn'
>;

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
    isUuid(text) ? (text.toLowerCase() as ChildId) : sorry(text, spoken().rows.badId()),
  );
  const said = {
    firstName: cell('firstName', (text) => short(text, 60)),
    lastName: cell('lastName', (text) => short(text, 60)),
    birthDate: cell('birthDate', (text) => readBirthDate(text, register)),
    roomId: cell('room', (text) => readRoom(text, register)),
    group: cell('group', (text) => short(text, 40)),
    hand: cell('hand', (text) => readOne(text, hands, spoken().rows.leftOrRight())),
    mouths: cell('mouths', (text) => readOne(text, yesNo, spoken().rows.yesOrNo())),
    allergies: cell('allergies', (text) => short(text, 200)),
    languages: cell('languages', (text) => readLanguages(text, register)),
    needs: cell('needs', readNeeds),
    seenBy: cell('seenBy', (text) => readAdults(text, register)),
    leftOn: cell('leftOn', (text) => readDay(text, register.dayOrder)),
  };
  return { id: id ?? null, said: withoutAbsent(said), wrong };
}

class Sorry {
  constructor(readonly words: string) {}
}

const sorry = (text: string, words: string): Sorry => new Sorry(`“${text}” ${words}`);

/** Without the apostrophe that keeps a spreadsheet from taking a text for a formula. */
const unguarded = (text: string): string =>
  text.startsWith("'") && likeFormula.test(text.slice(1)) ? text.slice(1).trim() : text;

const isUuid = (text: string): boolean =>
  /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/i.test(text);

const short = (text: string, letters: number): string | Sorry =>
  text.length <= letters ? text : new Sorry(spoken().rows.tooLong({ n: text.length, most: letters }));

const hands = { left: 'left', l: 'left', right: 'right', r: 'right' } as const;
const yesNo = { yes: true, y: true, true: true, '1': true, no: false, n: false, false: false, '0': false };

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

function readBirthDate(text: string, { dayOrder, today }: Register): string | Sorry {
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

function readLanguages(text: string, { languages }: Register): string[] | Sorry {
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
  return tags.length <= 4 ? tags : new Sorry(spoken().rows.manyLanguages());
}

function readNeeds(text: string): Need[] | Sorry {
  const found: Need[] = [];
  for (const one of several(text)) {
    const need = needs.find((each) => same(each, one));
    if (!need) return sorry(one, spoken().rows.badNeeds({ needs: needs.join(', ') }));
    found.push(need);
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
