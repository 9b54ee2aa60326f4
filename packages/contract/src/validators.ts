import { canBeBorn, dayAfter, longestTryMs } from '@dotting/core';
import type { Words } from '@dotting/words';
import { ValidateBy, ValidateIf, type ValidationOptions } from 'class-validator';
import { said } from './said.js';

/** A text longer than this is no number word. */
const longestWord = 40;

const isWord = (value: unknown): boolean =>
  typeof value === 'number'
    ? Number.isInteger(value) && value >= 0 && value <= 1000
    : typeof value === 'string' && value.trim() !== '' && value.length <= longestWord;

const wordSchemas: readonly Schema[] = [
  { type: 'integer', minimum: 0, maximum: 1000 },
  { type: 'string', minLength: 1, maxLength: longestWord },
];
const itemSchema: Schema = { type: 'integer', minimum: 0 };

const isItem = (value: unknown): boolean => Number.isInteger(value) && (value as number) >= 0;

/** A JSON schema, as the API's description writes it. */
export type Schema = Readonly<Record<string, unknown>>;

/** What each of our own rules asks for, by its name: for the API's description. */
export const ruleSchemas = new Map<string, Schema>();

/** @param schema what can be said of it in a schema; nothing beyond the type where it is left out */
export function validator(
  name: string,
  validate: (value: unknown) => boolean,
  must: keyof Words['must'],
  schema: Schema = {},
) {
  ruleSchemas.set(name, schema);
  return (options?: ValidationOptions): PropertyDecorator =>
    ValidateBy(
      {
        name,
        validator: {
          validate,
          defaultMessage: said((words) => words.must[must]({ longestWord })),
        },
      },
      options,
    );
}

/** Some letter, and not blanks alone. */
export const IsFilled = validator(
  'isFilled',
  (value) => typeof value === 'string' && value.trim() !== '',
  'filled',
  { type: 'string', minLength: 1 },
);

/** A number word by its value, or a short text as it was heard. */
export const IsWord = validator('isWord', isWord, 'word', { oneOf: wordSchemas });

/** The place of a thing on the tray. */
export const IsItem = validator('isItem', isItem, 'item', itemSchema);

export const IsItemOrAgain = validator(
  'isItemOrAgain',
  (value) => value === 'again' || isItem(value),
  'itemOrAgain',
  { oneOf: [itemSchema, { type: 'string', enum: ['again'] }] },
);

/** A number, a short text, or null for no answer. */
export const IsAnswer = validator('isAnswer', (value) => value === null || isWord(value), 'answer', {
  oneOf: wordSchemas,
  nullable: true,
});

/** The offset is kept, because "two days" means two of the reader's own days. */
export const IsMomentWithOffset = validator(
  'isMomentWithOffset',
  (value) =>
    typeof value === 'string' &&
    /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}(\.\d{1,3})?(Z|[+-]\d{2}:\d{2})$/.test(value) &&
    !Number.isNaN(Date.parse(value)),
  'moment',
  { type: 'string', format: 'date-time' },
);

const today = (): string => new Date().toISOString().slice(0, 10);

/** A BCP 47 tag, as far as number words need one. */
export const IsLanguageTag = validator(
  'isLanguageTag',
  (value) =>
    typeof value === 'string' &&
    value.length <= 35 &&
    /^([a-zA-Z]{2,8}|x-[a-zA-Z0-9]{1,8})(-[a-zA-Z0-9]{1,8})*$/.test(value),
  'languageTag',
  { type: 'string', maxLength: 35 },
);

/** No stroke has more points than this: half a minute at 240 a second. */
const mostPoints = 7_200;
/** Nor goes further, in thousandths of the space between the lines. */
const farthest = 100_000;

const isPoint = (point: unknown): boolean => {
  if (typeof point !== 'object' || point === null) return false;
  const { x, y, t, p, ...others } = point as Record<string, unknown>;
  const isIn = (value: unknown, least: number, most: number): boolean =>
    typeof value === 'number' && value >= least && value <= most;
  return (
    isIn(x, -farthest, farthest) &&
    isIn(y, -farthest, farthest) &&
    isIn(t, 0, longestTryMs) &&
    (p === undefined || isIn(p, 0, 1)) &&
    Object.keys(others).length === 0
  );
};

/** Where the pen was: each point after the one before it. */
export const IsStroke = validator(
  'isStroke',
  (value) =>
    Array.isArray(value) &&
    value.length > 0 &&
    value.length <= mostPoints &&
    value.every((point, i) => isPoint(point) && (i === 0 || point.t >= value[i - 1].t)),
  'stroke',
  {
    type: 'array',
    minItems: 1,
    maxItems: mostPoints,
    items: {
      type: 'object',
      properties: {
        x: { type: 'number' },
        y: { type: 'number' },
        t: { type: 'number', minimum: 0 },
        p: { type: 'number', minimum: 0, maximum: 1 },
      },
      required: ['x', 'y', 't'],
      additionalProperties: false,
    },
  },
);

/** What is said for the strokes of a digit is one line, by the name of its form. */
const longestStrokeWords = 200;
/** A digit that a room has drawn has so many strokes, each of so many points. */
const mostDrawnStrokes = 4;
const mostDrawnPoints = 64;

const isPlace = (place: unknown): boolean =>
  Array.isArray(place) &&
  place.length === 2 &&
  place.every((one) => typeof one === 'number' && one >= -1 && one <= 2);

const isDrawnStroke = (stroke: unknown): boolean => {
  if (typeof stroke !== 'object' || stroke === null) return false;
  const { from, to, ...others } = stroke as Record<string, unknown>;
  return (
    isPlace(from) &&
    Array.isArray(to) &&
    to.length <= mostDrawnPoints &&
    to.every(isPlace) &&
    Object.keys(others).length === 0
  );
};

/** Digits that a room has drawn itself, by the digit. */
export const IsDrawnForms = validator(
  'isDrawnForms',
  (value) =>
    typeof value === 'object' &&
    value !== null &&
    Object.entries(value).every(
      ([digit, strokes]) =>
        /^\d$/.test(digit) &&
        Array.isArray(strokes) &&
        strokes.length > 0 &&
        strokes.length <= mostDrawnStrokes &&
        strokes.every(isDrawnStroke),
    ),
  'drawnForms',
  { type: 'object', additionalProperties: { type: 'array', items: { type: 'object' } } },
);

export const IsStrokeWords = validator(
  'isStrokeWords',
  (value) =>
    typeof value === 'object' &&
    value !== null &&
    Object.entries(value).every(
      ([form, said]) =>
        /^\d-[a-z-]{1,20}$/.test(form) && typeof said === 'string' && said.length <= longestStrokeWords,
    ),
  'strokeWords',
  {
    type: 'object',
    additionalProperties: { type: 'string', maxLength: longestStrokeWords },
  },
);

export const IsDay = validator(
  'isDay',
  (value) =>
    typeof value === 'string' &&
    /^\d{4}-\d{2}-\d{2}$/.test(value) &&
    new Date(`${value}T00:00:00Z`).toJSON()?.slice(0, 10) === value,
  'day',
  { type: 'string', format: 'date' },
);

/** Tomorrow is allowed: the reader may already be in it. */
export const IsNotToCome = validator(
  'isNotToCome',
  (value) => typeof value === 'string' && value <= dayAfter(today(), 1),
  'past',
);

/** A birth date of a child, not of an adult, and no year with a slip in it. */
export const IsChildsBirth = validator(
  'isChildsBirth',
  (value) => typeof value === 'string' && (value > today() || canBeBorn(value, today())),
  'childsBirth',
);

const farDays = 3_660;

/** Whether a last day is near enough to today, both YYYY-MM-DD, not to be a year mistyped. */
export function canBeLastDay(leftOn: string, day: string): boolean {
  return leftOn > dayAfter(day, -farDays) && leftOn < dayAfter(day, farDays);
}

/** The last day of a child or an adult: a year further off than this was mistyped. */
export const IsLastDay = validator(
  'isLastDay',
  (value) => typeof value === 'string' && canBeLastDay(value, today()),
  'nearDay',
);

/** A last day further back, or further ahead, than this, in days, is asked about once more. */
const usualDays = { back: 60, ahead: 400 } as const;

/** Whether to ask "is that so?" about a last day, YYYY-MM-DD both: a wrong one hides the child, and in time erases it. */
export function isFarLastDay(leftOn: string, day: string): boolean {
  return leftOn < dayAfter(day, -usualDays.back) || leftOn > dayAfter(day, usualDays.ahead);
}

/** Marks a field that may be null, or may be left out, for the API's description. */
export const orNull = { mayBeNull: true };
const leftOut = { mayBeLeftOut: true };

/** Null is a value of its own ("nobody has said"), unlike an absent field. */
export const OrNull = (): PropertyDecorator => ValidateIf((_, value) => value !== null, { context: orNull });

/** May be left out; unlike with the usual rule null is no way of leaving it out. */
export const Maybe = (): PropertyDecorator =>
  ValidateIf((_, value) => value !== undefined, { context: leftOut });
