// @ts-check
import { parse } from '@messageformat/parser';

/** A letter of the Arabic script for each, chosen by nothing but that they look different. */
const letters = new Map(
  [...'abcdefghijklmnopqrstuvwxyz'].map((letter, i) => [letter, [...'ابجدهوزحطيكلمنسعفصقرشتثخذضظ'][i]]),
);
const isVowel = (letter) => 'aeiou'.includes(letter);

/** A text in other letters, and longer by its vowels, as most languages are longer than English. */
const inOtherLetters = (text) =>
  [...text]
    .map((letter) => {
      const other = letters.get(letter.toLowerCase()) ?? letter;
      return isVowel(letter.toLowerCase()) ? other + other : other;
    })
    .join('');

const quoted = (text) => text.replaceAll("'", "''").replace(/[{}#]/g, (sign) => `'${sign}'`);

function written(tokens) {
  return tokens
    .map((token) => {
      if (token.type === 'content') return quoted(inOtherLetters(token.value));
      if (token.type === 'octothorpe') return '#';
      if (token.type === 'argument') return `{${token.arg}}`;
      const cases = token.cases.map(({ key, tokens: inner }) => `${key} {${written(inner)}}`);
      return `{${token.arg}, ${token.type}, ${cases.join(' ')}}`;
    })
    .join('');
}

/** Messages of a made-up language from right to left: the same arguments, plurals and choices, other letters. */
export function mirrored(messages) {
  return Object.fromEntries(
    Object.entries(messages).map(([key, message]) => [
      key,
      typeof message === 'string' ? written(parse(message)) : mirrored(message),
    ]),
  );
}
