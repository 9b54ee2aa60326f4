import { languages } from '../languages.js';
import type { FirstWords } from '../words.js';

const formats = new Map<string, Intl.ListFormat>();

/** "a, b and c", as the language writes it. */
export function listOf(words: FirstWords, parts: readonly string[]): string {
  const { locale } = languages[words.language];
  const format = formats.get(locale) ?? new Intl.ListFormat(locale, { type: 'conjunction' });
  formats.set(locale, format);
  return format.format(parts);
}

export const capitalised = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** Each part a sentence of its own. */
export const sentences = (parts: readonly string[]): string =>
  parts.map((part) => `${capitalised(part)}.`).join(' ');
