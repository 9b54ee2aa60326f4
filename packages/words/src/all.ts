import { appLanguages, type AppLanguage } from './languages.js';
import { all } from './made/all.js';
import type { Words } from './words.js';

/** Every language at once: for where nothing has to be fetched. */
export const allWords = Object.fromEntries(
  appLanguages.map((language) => [language, { language, ...all[language] }]),
) as unknown as Readonly<Record<AppLanguage, Words>>;

export const english = allWords.en;
