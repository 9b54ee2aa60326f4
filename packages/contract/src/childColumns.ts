import { digitFormNames, lessons, needs, schoolChoices, touchCodes, type Hand } from '@dotting/core';
import type { Words } from '@dotting/words';

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

export const hands = ['left', 'right'] as const satisfies readonly Hand[];

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
  /** Lessons that come first: what needs them is held back. */
  notYet: { kind: 'several-of', of: lessons, headings: ['lessonsfirst', 'cannotyet'] },
  /** How numerals are read by touch; null where they are read by sight. */
  touch: { kind: 'one-of', of: touchCodes, headings: ['braille', 'readsbytouch'] },
  /** Whose hand rides on whose, where hands are helped. */
  handHelp: { kind: 'one-of', of: schoolChoices.hands, headings: ['hands', 'handoverhand'] },
  /** Digits the child forms in a way of its own: the room’s goes for the others. */
  ownForms: { kind: 'several-of', of: digitFormNames, headings: ['numeralforms', 'forms'] },
  /** Whether the family agrees to tries being recorded; null until someone has asked. */
  recording: { kind: 'yes-no', headings: ['consent', 'recordingconsent', 'mayrecord'] },
  /** Whether the family lets what the child writes be photographed; null until someone has asked. */
  photos: { kind: 'yes-no', headings: ['photo', 'photoconsent', 'photographs'] },
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
