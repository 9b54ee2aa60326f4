import type { PresentAdult } from '@dotting/contract';
import { keepAdult } from '../outbox/database.js';
import { words } from '../wording/words.js';

const freeAttempts = 3;
const firstWaitMs = 5_000;

interface LastIn {
  readonly adult: PresentAdult;
  readonly code: string;
  readonly wrong: number;
  readonly blockedUntil: number;
}

/**
 * Who came in last while this page was open, and by which code. It stands in the page’s memory alone: on the
 * device nothing is kept that a code could be guessed from, and once the page is closed only the server can tell.
 */
let last: LastIn | null = null;

/** Keeps who is here, and what lets her come back in without the server. */
export async function rememberCode(adult: PresentAdult, code: string): Promise<void> {
  last = { adult, code, wrong: 0, blockedUntil: 0 };
  await keepAdult({ adult, locked: false });
}

export type OfflineAnswer =
  | { readonly kind: 'welcome'; readonly adult: PresentAdult }
  | { readonly kind: 'no'; readonly message: string };

/** Checks the code of whoever was last here, with no server to ask; wrong ones are slowed here too. */
export async function comeInOffline(staffId: string, code: string, nowMs: number): Promise<OfflineAnswer> {
  if (last?.adult.id !== staffId) {
    const who = last
      ? words.entrance.offlineOne({ name: last.adult.firstName })
      : words.entrance.offlineNobody();
    return { kind: 'no', message: who };
  }
  if (last.blockedUntil > nowMs) {
    const seconds = Math.ceil((last.blockedUntil - nowMs) / 1000);
    return { kind: 'no', message: words.entrance.wait({ n: seconds }) };
  }
  if (code === last.code) {
    await rememberCode(last.adult, code);
    return { kind: 'welcome', adult: last.adult };
  }
  last = afterWrong(last, nowMs);
  return { kind: 'no', message: words.entrance.wrongCode({ name: last.adult.firstName }) };
}

function afterWrong(before: LastIn, nowMs: number): LastIn {
  const wrong = before.wrong + 1;
  const waitMs = wrong <= freeAttempts ? 0 : firstWaitMs * 2 ** Math.min(8, wrong - freeAttempts - 1);
  return { ...before, wrong, blockedUntil: nowMs + waitMs };
}
