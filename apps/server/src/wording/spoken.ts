import { AsyncLocalStorage } from 'node:async_hooks';
import { appLanguages, wordsWithOwn, type AppLanguage, type OwnNames, type Words } from '@dotting/words';
import { allWords } from '@dotting/words/all';

const speaking = new AsyncLocalStorage<Words>();

/** Does the rest of a request in the language that it asks to be answered in. */
export function speakingTo(acceptLanguage: string | undefined, work: () => void): void {
  speaking.run(allWords[firstSpoken(acceptLanguage)], work);
}

/** Does a part of it with the names, too, that rooms have given to what is their own. */
export const speakingWith = <Result>(own: OwnNames, work: () => Promise<Result>): Promise<Result> =>
  speaking.run(wordsWithOwn(spoken(), own), work);

/** The words of whoever is being answered; outside a request English. */
export const spoken = (): Words => speaking.getStore() ?? allWords.en;

/** The first language of the header that the app speaks (RFC 9110, section 12.5.4; browsers list the best first). */
function firstSpoken(acceptLanguage = ''): AppLanguage {
  const wanted = acceptLanguage.split(',').map((one) => one.split(';')[0]!.trim().toLowerCase());
  return (
    wanted.flatMap((tag) => appLanguages.find((one) => tag === one || tag.startsWith(`${one}-`)) ?? [])[0] ??
    'en'
  );
}
