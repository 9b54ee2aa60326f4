import type { AppLanguage } from './languages.js';
import type { Catalogue, FirstCatalogue } from './made/catalogue.js';
import first from './made/en.first.js';
import { loaders } from './made/loaders.js';

interface Spoken {
  readonly language: AppLanguage;
  readonly own?: OwnNames;
}

/** Every sentence that a person can read, by part of the job: a function of what it speaks of. */
export type Words = Catalogue & Spoken;

/** Those of them that the first screen needs. */
export type FirstWords = FirstCatalogue & Spoken;

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

/** What is said until all of it, or another language, has come. */
export const firstEnglish: FirstWords = { language: 'en', ...first };

/** All words of a language, fetched when they are first asked for. */
export const wordsIn = async (language: AppLanguage): Promise<Words> => ({
  language,
  ...(await loaders[language]!()).default,
});

/** The words with what rooms have named themselves. */
export const wordsWithOwn = <Of extends FirstWords>(words: Of, own: OwnNames): Of => ({ ...words, own });
