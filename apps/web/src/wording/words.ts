import type { RoomHere } from '@dotting/contract';
import { sayWith } from '@dotting/contract/said';
import { english, languages, wordsIn, wordsWithOwn, type AppLanguage, type Words } from '@dotting/words';

/**
 * The words of the app in the language of the adult who is here, with the names that the rooms have given to what is
 * their own. Read where something is drawn and never kept: after `speak` everything is drawn anew.
 */
export let words: Words = english;

sayWith(() => words);

/** Speaks another language from the next drawing on. */
export async function speak(language: AppLanguage): Promise<void> {
  if (language !== words.language)
    words = { ...(await wordsIn(language)), ...(words.own && { own: words.own }) };
  document.documentElement.lang = language;
  document.documentElement.dir = languages[language].direction;
}

/** Calls what the rooms have added as they call it, from the next drawing on; what was kept before there was any has none. */
export function nameOwn(rooms: readonly Partial<Pick<RoomHere, 'ownThings' | 'ownTasks'>>[]): void {
  words = wordsWithOwn(words, {
    things: new Map(rooms.flatMap(({ ownThings = [] }) => ownThings).map((one) => [one.id, one])),
    tasks: new Map(rooms.flatMap(({ ownTasks = [] }) => ownTasks).map((one) => [one.id, one.texts.name])),
  });
}
