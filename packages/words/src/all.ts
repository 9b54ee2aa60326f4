import type { AppLanguage } from './languages.js';
import es from './made/es.js';
import { english, type Words } from './words.js';

/** Every language at once: for where nothing has to be fetched. */
export const allWords: Readonly<Record<AppLanguage, Words>> = {
  en: english,
  es: { language: 'es', ...es },
};
