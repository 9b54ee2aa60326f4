import { touchCodes } from '../trace/trace.js';
import { formsOfDigits, styleAfter, usualStyle, type NumeralStyle } from '../numerals/style.js';

/**
 * Where practitioners disagree: each line with its choices, the first of them usual here. None is an error; what a room has
 * chosen is how its tasks are put, laid and drawn.
 */
export const schoolChoices = {
  /** A frame of ten is filled line by line, or two by two. */
  frames: ['rows', 'pairs'],
  /** Things beyond a frame of ten lie outside it, or on a second one. */
  extras: ['second-frame', 'outside'],
  /** The fifth stroke lies across the four aslant, or level. */
  tally: ['slanting', 'level'],
  /** Lines and cards begin at one, or at nought. */
  zero: ['from-one', 'from-nought'],
  /** The teens by their usual names alone, or as ten and some too. */
  teens: ['both-ways', 'usual-names'],
  /** Twenty is two and nought, or two tens. */
  twenty: ['digits', 'tens'],
  /** “Fewer” alone, or “less” as well. */
  fewer: ['alone', 'both'],
  /** What is put on record stays where it lies, or is taken away. */
  recorded: ['leave', 'remove'],
  /** Going on from five: six, seven; or five, six, seven. */
  startAgain: ['on', 'again'],
  /** Pictures are touched, or ticked off. */
  pictures: ['touch', 'tick'],
  /** Things are put in order before they are counted, or as the child likes. */
  organise: ['as-they-lie', 'before'],
  /** A count is checked where somebody doubts it, or always. */
  checks: ['in-doubt', 'always'],
  /** A whole group says it each alone first, or in chorus. */
  chorus: ['each-alone', 'chorus-first'],
  /** The adult guides the hand, or the child’s hand rides on the adult’s. */
  hands: ['guides', 'rides'],
  /** Counted in the child’s own language, in the room’s, or in both. */
  languages: ['home', 'room', 'both'],
  /** Numerals by touch: the sign and the letters, the maths code, or raised. */
  braille: touchCodes,
  /** A nought goes round anticlockwise for either hand, or a left hand may go either way. */
  nought: ['anticlockwise', 'either-for-left'],
  /** Numerals are written between lines, or on a plain page. */
  ruled: ['ruled', 'plain'],
  /** What was written on paper may be photographed, or not. */
  photos: ['none', 'allowed'],
  /** A range of numbers, or one a week. */
  week: ['range', 'one'],
} as const satisfies Readonly<Record<string, readonly [string, ...string[]]>>;

export type School = keyof typeof schoolChoices;
export const schoolNames = Object.keys(schoolChoices) as readonly School[];

type Choices = { readonly [Of in School]: (typeof schoolChoices)[Of][number] };

/** What a room has chosen, or what goes for a child. */
export interface Schools extends Choices {
  /** How each digit is formed. */
  readonly forms: NumeralStyle;
  /** What is said for the strokes of a digit, by the name of its form, a bar between strokes; the usual words where absent. */
  readonly strokeWords: Readonly<Record<string, string>>;
  /** BCP 47 of the room’s language. */
  readonly language: string;
  /** Of a room that takes one number a week: this week’s, from 1 to 20. */
  readonly number: number;
}

/** What a room has chosen so far; what is absent is as usual. */
export type OwnSchools = Partial<Omit<Schools, 'forms'>> & { readonly forms?: Partial<NumeralStyle> };

export const usualSchools: Schools = {
  ...(Object.fromEntries(schoolNames.map((name) => [name, schoolChoices[name][0]])) as unknown as Choices),
  forms: usualStyle,
  strokeWords: {},
  language: 'en',
  number: 5,
};

/** What goes where a child’s own ways come before the room’s, and the room’s before what is usual. */
export function schoolsOf(...owns: readonly (OwnSchools | null)[]): Schools {
  return owns.reduce<Schools>(
    (schools, own) => ({
      ...schools,
      ...own,
      forms: styleAfter(schools.forms, own?.forms ?? {}),
      strokeWords: { ...schools.strokeWords, ...own?.strokeWords },
    }),
    usualSchools,
  );
}

/** A form of a digit by one name: "7-crossed". */
export const digitForm = (digit: number, form: string): string => `${digit}-${form}`;
export const digitFormNames: readonly string[] = formsOfDigits.flatMap(({ digit, forms }) =>
  forms.map((form) => digitForm(digit, form)),
);

/** The forms that are named, by their digits; of one digit the last. */
export const formsNamed = (names: readonly string[]): Partial<NumeralStyle> =>
  Object.fromEntries(
    names.filter((name) => digitFormNames.includes(name)).map((name) => [name[0]!, name.slice(2)]),
  );

/** The ways of a task in the order in which the room puts them by turns; those it does not use are left out. */
export function waysBySchool(
  ways: readonly string[] | undefined,
  { frames, zero, teens, recorded }: Schools,
): readonly string[] | undefined {
  const first: readonly string[] = [frames, zero, recorded === 'leave' ? 'leave-them' : 'take-away'];
  const unused: readonly string[] = [
    ...(teens === 'usual-names' ? ['ten-and-some'] : []),
    ...(zero === 'from-one' ? ['from-nought'] : []),
  ];
  return ways
    ?.filter((way) => !unused.includes(way))
    .toSorted((a, b) => Number(first.includes(b)) - Number(first.includes(a)));
}
