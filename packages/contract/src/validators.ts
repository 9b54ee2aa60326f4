import { ValidateBy, ValidateIf, type ValidationOptions } from 'class-validator';

/** A text longer than this is no number word. */
const longestWord = 40;

const isWord = (value: unknown): boolean =>
  typeof value === 'number'
    ? Number.isInteger(value) && value >= 0 && value <= 1000
    : typeof value === 'string' && value.trim() !== '' && value.length <= longestWord;

const isItem = (value: unknown): boolean => Number.isInteger(value) && (value as number) >= 0;

export function validator(name: string, validate: (value: unknown) => boolean, must: string) {
  return (options?: ValidationOptions): PropertyDecorator =>
    ValidateBy({ name, validator: { validate, defaultMessage: () => `$property must be ${must}` } }, options);
}

/** A number word by its value, or a short text as it was heard. */
export const IsWord = validator(
  'isWord',
  isWord,
  `a whole number from 0 to 1000 or a word of at most ${longestWord} letters`,
);

/** The place of a thing on the tray. */
export const IsItem = validator('isItem', isItem, 'the place of a thing, counted from 0');

export const IsItemOrAgain = validator(
  'isItemOrAgain',
  (value) => value === 'again' || isItem(value),
  'the place of a thing, counted from 0, or “again”',
);

/** A number, a short text, or null for no answer. */
export const IsAnswer = validator(
  'isAnswer',
  (value) => value === null || isWord(value),
  'a number, a short text, or null for no answer',
);

/** The offset is kept, because "two days" means two of the reader's own days. */
export const IsMomentWithOffset = validator(
  'isMomentWithOffset',
  (value) =>
    typeof value === 'string' &&
    /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}(\.\d{1,3})?(Z|[+-]\d{2}:\d{2})$/.test(value) &&
    !Number.isNaN(Date.parse(value)),
  'a date and time with its offset, as 2026-03-02T09:30:00+01:00',
);

/** A BCP 47 tag, as far as number words need one. */
export const IsLanguageTag = validator(
  'isLanguageTag',
  (value) =>
    typeof value === 'string' &&
    value.length <= 35 &&
    /^([a-zA-Z]{2,8}|x-[a-zA-Z0-9]{1,8})(-[a-zA-Z0-9]{1,8})*$/.test(value),
  'a language tag as “en” or “cy”',
);

export const IsDay = validator(
  'isDay',
  (value) =>
    typeof value === 'string' &&
    /^\d{4}-\d{2}-\d{2}$/.test(value) &&
    new Date(`${value}T00:00:00Z`).toJSON()?.slice(0, 10) === value,
  'a day of the calendar, as 2026-03-02',
);

const dayMs = 24 * 60 * 60 * 1000;

/** Tomorrow is allowed: the reader may already be in it. */
export const IsNotToCome = validator(
  'isNotToCome',
  (value) => typeof value === 'string' && !(Date.parse(value) > Date.now() + dayMs),
  'a day that has been',
);

/** Marks a field that may be null, for the API's description. */
export const orNull = { mayBeNull: true };

/** Null is a value of its own ("nobody has said"), unlike an absent field. */
export const OrNull = (): PropertyDecorator => ValidateIf((_, value) => value !== null, { context: orNull });
