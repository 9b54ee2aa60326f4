import type { Here, PresentAdult } from '@dotting/contract';
import { queryOptions } from '@tanstack/react-query';
import { NoConnection, Refused, request, whenNobodyIsThere } from '../api/http.js';
import { queryClient } from '../api/queries.js';
import { keepHere, keptHere } from '../outbox/database.js';
import { comeInAgain, lockIfIdle } from './stay.js';
import { outbox } from '../outbox/outbox.js';
import { unseal } from '../outbox/sealed.js';
import { leaveNothingBehind } from './signedOut.js';
import { nameOwn, speak } from '../wording/words.js';

/**
 * Where this device stands; null when it is not signed in. Without a connection, as it last stood;
 * with the screen locked nobody is at it, whatever the server still thinks.
 */
export const hereQuery = queryOptions({
  queryKey: ['here'],
  queryFn: async (): Promise<Here | null> => {
    const isLocked = await lockIfIdle(Date.now());
    const here = await askHere();
    if (!here) return null;
    const adult = isLocked ? null : (here.adult ?? (await whoCameInWithoutServer()));
    const asItStands = { ...here, adult };
    await keepHere(asItStands);
    // What cannot be opened now is tried again with the next question.
    unseal().then(
      (isOpened) => isOpened && outbox.send(),
      () => undefined,
    );
    nameOwn(here.rooms);
    await speakTo(adult);
    return asItStands;
  },
});

async function askHere(): Promise<Here | null> {
  try {
    return await request<Here>('GET', 'here');
  } catch (error) {
    if (error instanceof Refused && error.status === 401) {
      await leaveNothingBehind();
      return null;
    }
    const kept = error instanceof NoConnection ? await keptHere() : null;
    if (kept) return kept;
    throw error;
  }
}

/** As long as the server cannot be asked about her code, she who came in with it stays. */
async function whoCameInWithoutServer(): Promise<PresentAdult | null> {
  try {
    return await comeInAgain();
  } catch {
    return (await keptHere())?.adult ?? null;
  }
}

/** Who is at this device from now on; null once it is locked. */
export async function setAdult(here: Here, adult: PresentAdult | null): Promise<void> {
  const changed = { ...here, adult };
  await speakTo(adult);
  queryClient.setQueryData(hereQuery.queryKey, changed);
  await keepHere(changed);
}

/** In her language while she is here; whoever comes next is met in English. */
const speakTo = (adult: PresentAdult | null): Promise<void> => speak(adult?.language ?? 'en');

// A stay can end at the server while a page is open: whoever is there then comes in again.
const askAgain = (): void => {
  const isAsking = queryClient.isFetching({ queryKey: hereQuery.queryKey }) > 0;
  if (!isAsking) void queryClient.invalidateQueries({ queryKey: hereQuery.queryKey });
};
whenNobodyIsThere(askAgain);
window.addEventListener('online', askAgain);
