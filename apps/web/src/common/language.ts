import { shippedLanguages, wordsIn, type NumberWords } from '@dotting/core';
import { languages, type AppLanguage } from '@dotting/words';
import { useHere } from './here.js';
import { words } from '../wording/all.js';

const names = new Map<AppLanguage, Intl.DisplayNames>();

/** What the language of the app calls other languages. */
function namesNow(): Intl.DisplayNames {
  const kept =
    names.get(words.language) ??
    new Intl.DisplayNames(languages[words.language].locale, { type: 'language', fallback: 'none' });
  names.set(words.language, kept);
  return kept;
}

/** A language tag by its name, as the reader's locale writes it; a site's own list by the site's name for it. */
export function languageName(tag: string, own: readonly NumberWords[] = []): string {
  return own.find((one) => one.tag === tag)?.name ?? namesNow().of(tag) ?? tag;
}

/** The number words of a language, as this site has them. */
export function useNumberWords(tag: string): NumberWords {
  return wordsIn(tag, useHere().here.languages);
}

/** Every language that children here can count in. */
export function useLanguages(): readonly NumberWords[] {
  return [...shippedLanguages, ...useHere().here.languages];
}
