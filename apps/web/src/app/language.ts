import { shippedLanguages, wordsIn, type NumberWords } from '@dotting/core';
import { useHere } from '../entrance/here.js';

const names = new Intl.DisplayNames(undefined, { type: 'language', fallback: 'none' });

/** A language tag by its name, as the reader's locale writes it; a site's own list by the site's name for it. */
export function languageName(tag: string, own: readonly NumberWords[] = []): string {
  return own.find((one) => one.tag === tag)?.name ?? names.of(tag) ?? tag;
}

/** The number words of a language, as this site has them. */
export function useNumberWords(tag: string): NumberWords {
  return wordsIn(tag, useHere().here.languages);
}

/** Every language that children here can count in. */
export function useLanguages(): readonly NumberWords[] {
  return [...shippedLanguages, ...useHere().here.languages];
}
