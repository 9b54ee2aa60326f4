import type { RoomHere } from '@dotting/contract';
import {
  firstEnglish,
  languages,
  wordsIn,
  wordsWithOwn,
  type AppLanguage,
  type FirstWords,
  type Words,
} from '@dotting/words';

/**
 * The words of the app in the language of the adult who is here, with the names that the rooms have given to what is
 * their own. Read where something is drawn and never kept: after `speak` everything is drawn anew. These are those of
 * the first screen and its frame; whatever is fetched after it has all of them, from `all.ts`.
 */
export let words: FirstWords = firstEnglish;

/** All of them, once they have come. */
export let whole: Words;

/** Speaks with other words from the next drawing on. */
export function speakWith(spoken: Words): void {
  whole = words = words.own ? wordsWithOwn(spoken, words.own) : spoken;
}

/** Speaks another language from the next drawing on. */
export async function speak(language: AppLanguage): Promise<void> {
  if (language !== words.language) speakWith(await wordsIn(language));
  document.documentElement.lang = language;
  document.documentElement.dir = languages[language].direction;
}

/** Fetches what the first screen could do without, in the language that is spoken. */
export async function fetchWhole(): Promise<void> {
  const { language } = words;
  const spoken = await wordsIn(language);
  // Another may have begun to speak meanwhile.
  if (language === words.language) speakWith(spoken);
}

/** Calls what the rooms have added as they call it, from the next drawing on; what was kept before there was any has none. */
export function nameOwn(rooms: readonly Partial<Pick<RoomHere, 'ownThings' | 'ownTasks'>>[]): void {
  const own = {
    things: new Map(rooms.flatMap(({ ownThings = [] }) => ownThings).map((one) => [one.id, one])),
    tasks: new Map(rooms.flatMap(({ ownTasks = [] }) => ownTasks).map((one) => [one.id, one.texts.name])),
  };
  words = wordsWithOwn(words, own);
  whole &&= wordsWithOwn(whole, own);
}
