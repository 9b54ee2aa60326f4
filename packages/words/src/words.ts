import type { AppLanguage } from './languages.js';
import type { Catalogue } from './made/catalogue.js';
import en from './made/en.js';
import { loaders } from './made/loaders.js';

/** Every sentence that a person can read, by part of the job: a function of what it speaks of. */
export type Words = Catalogue & { readonly language: AppLanguage; readonly own?: OwnNames };

/** What rooms have named themselves, by its id, as they have put it. */
export interface OwnNames {
  readonly things: ReadonlyMap<string, NamedThings>;
  readonly tasks: ReadonlyMap<string, string>;
}

/** What one of a kind is called, and several; how to look after them, or nothing. */
export interface NamedThings {
  readonly one: string;
  readonly many: string;
  readonly care: string;
}

export const english: Words = { language: 'en', ...en };

/** The words of a language; others than English are fetched when they are first asked for. */
export async function wordsIn(language: AppLanguage): Promise<Words> {
  const load = loaders[language];
  return load ? { language, ...(await load()).default } : english;
}
