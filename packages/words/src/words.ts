import type { AppLanguage } from './languages.js';
import type { Catalogue } from './made/catalogue.js';
import en from './made/en.js';
import { loaders } from './made/loaders.js';

/** Every sentence that a person can read, by part of the job: a function of what it speaks of. */
export type Words = Catalogue & { readonly language: AppLanguage };

export const english: Words = { language: 'en', ...en };

/** The words of a language; others than English are fetched when they are first asked for. */
export async function wordsIn(language: AppLanguage): Promise<Words> {
  const load = loaders[language];
  return load ? { language, ...(await load()).default } : english;
}
