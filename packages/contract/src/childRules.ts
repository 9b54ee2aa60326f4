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
import {
  childColumnNames,
  childColumns,
  type ChildColumn,
  type ChildColumnName,
  type ChildColumns,
} from './childColumns.js';
import { classOf } from './described.js';
import { said } from './said.js';
import { IsChildsBirth, IsDay, IsFilled, IsLanguageTag, IsNotToCome, Maybe, OrNull } from './validators.js';

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
