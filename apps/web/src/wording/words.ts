import { sayWith } from '@dotting/contract/said';
import { english, languages, wordsIn, type AppLanguage, type Words } from '@dotting/words';

/**
 * The words of the app in the language of the adult who is here. Read where something is drawn and never kept: after
 * `speak` everything is drawn anew.
 */
export let words: Words = english;

sayWith(() => words);

/** Speaks another language from the next drawing on. */
export async function speak(language: AppLanguage): Promise<void> {
  if (language !== words.language) words = await wordsIn(language);
  document.documentElement.lang = language;
  document.documentElement.dir = languages[language].direction;
}
