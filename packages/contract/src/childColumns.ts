import { needs } from '@dotting/core';
import type { Words } from '@dotting/words';
import {
  ArrayMaxSize,
  ArrayNotEmpty,
  ArrayUnique,
  IsArray,
  IsBoolean,
  IsIn,
  IsString,
  MaxLength,
} from 'class-validator';
import { classOf } from './described.js';
import { said } from './said.js';
import { IsChildsBirth, IsDay, IsFilled, IsLanguageTag, IsNotToCome, Maybe, OrNull } from './validators.js';

interface Described {
  /** Other headings that a file may have for it, in lower case without spaces or marks. */
  readonly headings: readonly string[];
}

/** What a column can hold. */
export type ChildColumn = Described &
  (
    | {
        readonly kind: 'text';
        readonly most: number;
        /** What is said of it empty, where it must be filled. */
        readonly empty?: (words: Words) => string;
      }
    | { readonly kind: 'birth' }
    | { readonly kind: 'yes-no' }
    | { readonly kind: 'one-of'; readonly of: readonly string[] }
    | { readonly kind: 'languages'; readonly most: number }
    | { readonly kind: 'several-of'; readonly of: readonly string[] }
  );

export const hands = ['left', 'right'] as const;
export type Hand = (typeof hands)[number];

/**
 * All that an adult can say of a child, in the order of the forms. From here come the rules for what is
 * sent, the database's columns, the file's cells both ways, what is told of a change, and the fields. A
 * column more is an entry here, a migration, and its words (columns, and its options where it has any).
 */
export const childColumns = {
  firstName: {
    kind: 'text',
    most: 60,
    empty: (words) => words.invalid.firstName(),
    headings: ['forename', 'givenname', 'name', 'child', 'knownas'],
  },
  lastName: { kind: 'text', most: 60, headings: ['surname', 'familyname'] },
  birthDate: { kind: 'birth', headings: ['dob', 'dateofbirth', 'born', 'birthday'] },
  /** A group within the room, by the name adults have for it; empty for none. */
  group: { kind: 'text', most: 40, headings: ['smallgroup', 'keygroup'] },
  /** Null until someone has said. */
  mouths: { kind: 'yes-no', headings: ['mouthing', 'mouthsthings'] },
  hand: { kind: 'one-of', of: hands, headings: ['handedness', 'writinghand'] },
  allergies: { kind: 'text', most: 200, headings: ['allergy', 'dietary'] },
  /** BCP 47 tags of the languages the child counts in, the usual one first. */
  languages: { kind: 'languages', most: 4, headings: ['language', 'homelanguage', 'countsin'] },
  /** What a task is done otherwise for. */
  needs: { kind: 'several-of', of: needs, headings: ['access', 'accessneeds', 'support'] },
} as const satisfies Readonly<Record<string, ChildColumn>>;

export type ChildColumnName = keyof typeof childColumns;
export const childColumnNames = Object.keys(childColumns) as readonly ChildColumnName[];
export const isChildColumn = (name: string): name is ChildColumnName => name in childColumns;

type ValueOf<Column extends ChildColumn> = Column extends { kind: 'one-of'; of: readonly (infer One)[] }
  ? One | null
  : Column extends { kind: 'several-of'; of: readonly (infer One)[] }
    ? One[]
    : Column extends { kind: 'languages' }
      ? string[]
      : Column extends { kind: 'birth' }
        ? string | null
        : Column extends { kind: 'yes-no' }
          ? boolean | null
          : string;

/** What is said of a child, by its column. */
export type ChildColumns = {
  -readonly [Name in ChildColumnName]: ValueOf<(typeof childColumns)[Name]>;
};

/** A child of whom nothing has been said yet. */
export const blankChild: Readonly<ChildColumns> = {
  ...(Object.fromEntries(
    childColumnNames.map((name) => [name, blankOf(childColumns[name])]),
  ) as unknown as ChildColumns),
  languages: ['en'],
};

function blankOf(column: ChildColumn): string | null | [] {
  switch (column.kind) {
    case 'text':
      return '';
    case 'languages':
    case 'several-of':
      return [];
    case 'birth':
    case 'yes-no':
    case 'one-of':
      return null;
  }
}

/** What a value of the column is, whoever wrote it and when. */
function shapeOf(column: ChildColumn): readonly PropertyDecorator[] {
  switch (column.kind) {
    case 'text':
      return [IsString()];
    case 'birth':
      return [OrNull(), IsDay({ message: said((words) => words.invalid.birthDay()) })];
    case 'yes-no':
      return [OrNull(), IsBoolean()];
    case 'one-of':
      return [OrNull(), IsIn(column.of)];
    case 'languages':
      return [
        ArrayNotEmpty({ message: said((words) => words.invalid.oneLanguage()) }),
        IsLanguageTag({ each: true }),
      ];
    case 'several-of':
      return [IsArray(), IsIn(column.of, { each: true })];
  }
}

/** What is asked of a value that an adult gives. */
function limitsOf(column: ChildColumn, name: ChildColumnName): readonly PropertyDecorator[] {
  switch (column.kind) {
    case 'text':
      return [
        ...(column.empty ? [IsFilled({ message: said(column.empty) })] : []),
        MaxLength(column.most, {
          message: said((words) =>
            words.invalid.columnLong({ field: words.columns[name](), most: column.most }),
          ),
        }),
      ];
    case 'birth':
      return [
        IsNotToCome({ message: said((words) => words.invalid.birthToCome()) }),
        IsChildsBirth({ message: said((words) => words.invalid.birthTooLongAgo()) }),
      ];
    case 'languages':
      return [
        ArrayMaxSize(column.most, {
          message: said((words) => words.invalid.manyLanguages({ most: column.most })),
        }),
        ArrayUnique({ message: said((words) => words.invalid.languagesOnce()) }),
      ];
    case 'several-of':
      return [ArrayUnique()];
    case 'yes-no':
    case 'one-of':
      return [];
  }
}

const classOfColumns = <Fields>(
  names: readonly ChildColumnName[],
  rulesOf: (column: ChildColumn, name: ChildColumnName) => readonly PropertyDecorator[],
) => classOf<Fields>(names.map((name) => [name, rulesOf(childColumns[name], name)]));

/** All columns as they are held. */
export const ColumnsHeld = classOfColumns<ChildColumns>(childColumnNames, shapeOf);

const givenOf = (column: ChildColumn, name: ChildColumnName): readonly PropertyDecorator[] => [
  ...shapeOf(column),
  ...limitsOf(column, name),
];

/** All columns as they are given for a new child. */
export const ColumnsGiven = classOfColumns<ChildColumns>(childColumnNames, givenOf);

/** Some of the columns, given anew; what is absent stays as it is. */
export const columnsChanged = <Name extends ChildColumnName>(...names: readonly Name[]) =>
  classOfColumns<Partial<Pick<ChildColumns, Name>>>(names, (column, name) => [
    Maybe(),
    ...givenOf(column, name),
  ]);
