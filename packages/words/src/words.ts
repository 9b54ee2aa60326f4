import type { AppLanguage } from './languages.js';
import type { Catalogue } from './made/catalogue.js';
import en from './made/en.js';

/** Every sentence that a person can read, by part of the job: a function of what it speaks of. */
export type Words = Catalogue & { readonly language: AppLanguage };

export const english: Words = { language: 'en', ...en };

const loaders: Readonly<Record<AppLanguage, () => Promise<Words>>> = {
  en: async () => english,
  es: async () => ({ language: 'es', ...(await import('./made/es.js')).default }),
};

/** The words of a language; others than English are fetched when they are first asked for. */
export const wordsIn = (language: AppLanguage): Promise<Words> => loaders[language]();
