import { digitForm, digitsOf, type Digit, type Schools } from '@dotting/core';
import type { Words } from '../words.js';

/** What to say for each stroke of a numeral, as the room forms it: in its own words, or the usual ones. */
export const formationWords = (
  words: Words,
  n: number,
  { forms, strokeWords }: Pick<Schools, 'forms' | 'strokeWords'>,
): readonly string[] =>
  digitsOf(n).flatMap((digit) => {
    const form = formSaidOf(digit, forms);
    return (strokeWords[form] ?? usualStrokeWords(words, form)).split('|').filter((one) => one !== '');
  });

/** The name under which the words for a digit are kept: one that the room has drawn has words of its own. */
export const formSaidOf = (digit: Digit, forms: Schools['forms']): string =>
  digitForm(digit, forms.drawn?.[digit] ? 'own' : forms[digit]);

/** The usual words for a form of a digit, one stroke after the other, a bar between them. */
export function usualStrokeWords(words: Words, form: string): string {
  const usual: Readonly<Record<string, () => string>> = words.writing.strokes;
  return usual[form]?.() ?? '';
}
