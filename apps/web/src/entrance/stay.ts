import type { ComeIn, PresentAdult } from '@dotting/contract';
import { isNoForGood, Refused, request } from '../api/http.js';
import { keepLeft, keepLocked, keptAdult } from '../outbox/database.js';
import { rememberCode } from './offlineCode.js';

/** After so long without a touch, in ms, the screen locks, and keeps what is under way. */
export const idleAfterMs = 2 * 60_000;

const lifeKey = 'dotting-life';

/** Notes that somebody is at the device: for all its windows, and for one that is opened later. */
export function noteLife(nowMs: number): void {
  localStorage.setItem(lifeKey, String(nowMs));
}

/** How long until nobody has touched the device for so long, in any window, in ms; 0 where nobody knows. */
export function idleIn(nowMs: number): number {
  const last = localStorage.getItem(lifeKey);
  return last === null ? 0 : Math.max(0, Number(last) + idleAfterMs - nowMs);
}

const isIdle = (nowMs: number): boolean => idleIn(nowMs) === 0;

/** What proves the stay to the server. Without it nothing of a child is answered, whether the server knows or not. */
function dropStay(): void {
  document.cookie = 'dotting_stay=; path=/; max-age=0; samesite=strict';
}

/** Locks this device at once; the server is told until it has heard. */
export async function lockDevice(): Promise<void> {
  dropStay();
  entrance = null;
  await keepLocked();
  void tellOfLeaving();
}

/**
 * Locks a device that was left without being locked, as when its window was closed.
 *
 * @returns whether it is locked
 */
export async function lockIfIdle(nowMs: number): Promise<boolean> {
  const kept = await keptAdult();
  if (!kept?.locked && isIdle(nowMs)) await lockDevice();
  else if (kept?.leaving !== undefined) void tellOfLeaving();
  return kept?.locked === true || isIdle(nowMs);
}

const firstPauseMs = 1_000;
const longestPauseMs = 20_000;
let isTelling = false;

async function tellOfLeaving(): Promise<void> {
  if (isTelling) return;
  isTelling = true;
  for (let pauseMs = firstPauseMs; ; pauseMs = Math.min(longestPauseMs, 2 * pauseMs)) {
    const leaving = (await keptAdult())?.leaving;
    if (leaving === undefined || (await hasHeard(leaving))) break;
    await new Promise((resolve) => setTimeout(resolve, pauseMs));
  }
  isTelling = false;
}

/** Tells the server which stay is over; one that a later stay has taken the place of is over already. */
async function hasHeard(presence: string): Promise<boolean> {
  try {
    await request('DELETE', `adult?presence=${presence}`);
  } catch (error) {
    // A device that is signed out has no stay.
    if (!(error instanceof Refused && error.status === 401)) return false;
  }
  await keepLeft(presence);
  return true;
}

/** Who came in without the server, for as long as this page is open: so that nobody types a code twice. */
let entrance: ComeIn | null = null;

export function rememberEntrance(comeIn: ComeIn): void {
  entrance = comeIn;
}

/**
 * Comes in at the server as somebody did without it; null where nobody did, or the server knows the code no longer.
 *
 * @throws NoConnection, or what the server stumbles over: who came in is still here then, and it is tried again
 */
export async function comeInAgain(): Promise<PresentAdult | null> {
  if (!entrance) return null;
  const { code } = entrance;
  try {
    const adult = await request<PresentAdult>('POST', 'adult', entrance);
    await rememberCode(adult, code);
    entrance = null;
    return adult;
  } catch (error) {
    if (!isNoForGood(error)) throw error;
    entrance = null;
    return null;
  }
}
