import {
  childColumns,
  isChildColumn,
  registerColumns,
  type ChildColumnName,
  type RegisterColumn,
} from '@dotting/contract';
import { words } from '../../wording/all.js';

/** A file as it was read: its heading, and the cells beneath. */
export interface Sheet {
  readonly heading: readonly string[];
  readonly rows: readonly (readonly string[])[];
}

/** What each column of the file is; null for one that is left out. */
export type Mapping = readonly (RegisterColumn | null)[];

/** Other headings that the columns beside the child's own go by, in lower case without spaces or marks. */
const otherHeadings: Readonly<Record<Exclude<RegisterColumn, ChildColumnName>, readonly string[]>> = {
  id: [],
  room: ['class', 'base'],
  seenBy: ['seenby', 'otheradults'],
  leftOn: ['left', 'leavingdate', 'lefton', 'lastdayhere'],
};

const headingsOf = (column: RegisterColumn): readonly string[] =>
  isChildColumn(column) ? childColumns[column].headings : otherHeadings[column];

const plain = (text: string): string => text.toLowerCase().replace(/[^\p{L}\p{N}]/gu, '');

/** What each column seems to be by its heading; each column of the register at most once. */
export function guessMapping(heading: readonly string[]): Mapping {
  const taken = new Set<RegisterColumn>();
  return heading.map((head) => {
    const name = plain(head);
    const column = registerColumns.find(
      (one) =>
        !taken.has(one) &&
        name !== '' &&
        [plain(one), plain(words.columns[one]()), ...headingsOf(one)].includes(name),
    );
    if (column) taken.add(column);
    return column ?? null;
  });
}

/** What stands in the way of a mapping, in words; null where it can be used. */
export function wrongWith(mapping: Mapping): string | null {
  const used = mapping.filter((column) => column !== null);
  const twice = used.find((column, i) => used.indexOf(column) !== i);
  if (twice) return words.importing.twice({ column: words.columns[twice]() });
  if (!used.includes('firstName') && !used.includes('id'))
    return words.importing.missing({ column: words.columns.firstName() });
  return null;
}

/** The rows by the columns of the register; cells of columns left out are not sent. */
export function rowsOf(sheet: Sheet, mapping: Mapping): Partial<Record<RegisterColumn, string>>[] {
  return sheet.rows.map((cells) =>
    Object.fromEntries(mapping.flatMap((column, i) => (column === null ? [] : [[column, cells[i] ?? '']]))),
  );
}

/** Whether the order of day and month matters: some date does not begin with its year. */
export function hasOpenDates(sheet: Sheet, mapping: Mapping): boolean {
  return rowsOf(sheet, mapping).some(({ birthDate = '', leftOn = '' }) =>
    [birthDate, leftOn].some((text) => /^\s*\d{1,2}\D/.test(text)),
  );
}
