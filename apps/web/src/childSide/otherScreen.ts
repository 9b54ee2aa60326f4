import type { HeardView, ShowBody, ShownBody, SideView } from '@dotting/contract';
import { useSyncExternalStore } from 'react';
import { Refused, request } from '../api/http.js';
import { channelOf, windowAddress, type FromWindow, type ToWindow } from './channel.js';

/** The screen beside the adult’s: none, a window of the same browser, or a device paired by a word. */
export type OtherScreen =
  | { readonly kind: 'none' }
  | { readonly kind: 'window'; readonly key: string; readonly isThere: boolean; readonly isKeptShut: boolean }
  | { readonly kind: 'device'; readonly word: string; readonly isThere: boolean; readonly isOver: boolean };

interface Link {
  readonly tell: (show: ShowBody) => Promise<void>;
  readonly end: () => void;
}

const none: OtherScreen = { kind: 'none' };
let screen: OtherScreen = none;
let link: Link | null = null;
let lastId = 0;
const listeners = new Set<() => void>();
const waiting = new Map<number, (ms: number) => void>();

function change(now: OtherScreen): void {
  screen = now;
  for (const listener of listeners) listener();
}

function heard({ id, ms }: ShownBody): void {
  waiting.get(id)?.(ms);
  waiting.delete(id);
}

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

export const useOtherScreen = (): OtherScreen => useSyncExternalStore(subscribe, () => screen);

/** Ends with the sit-down: the other screen shows nothing more, and a word lets nobody in. */
export function endOtherScreen(): void {
  link?.end();
  link = null;
  waiting.clear();
  change(none);
}

/** Opens a window beside this one, for a screen that is turned to the child. It needs no network. */
export function openWindow(): void {
  endOtherScreen();
  const key = crypto.randomUUID();
  const channel = channelOf(key);
  const opened = window.open(windowAddress(key), `child-side-${key}`, 'popup,width=900,height=700');
  change({ kind: 'window', key, isThere: false, isKeptShut: opened === null });
  channel.addEventListener('message', ({ data }: MessageEvent<FromWindow>) => {
    if (data.kind === 'shown') heard(data.shown);
    else change({ kind: 'window', key, isThere: data.kind === 'here', isKeptShut: false });
  });
  const say = (told: ToWindow): void => channel.postMessage(told);
  link = {
    tell: (show) => Promise.resolve(say({ kind: 'show', show })),
    end: () => {
      say({ kind: 'end' });
      channel.close();
    },
  };
}

const tryAgainMs = 3_000;

/** Asks the server for a word that pairs another device. @throws NoConnection, Refused */
export async function pairDevice(): Promise<void> {
  endOtherScreen();
  const { id, word } = await request<SideView>('POST', 'child-side');
  const path = `child-side/${id}`;
  const own: Link = {
    tell: (show) => request('PUT', path, show),
    end: () => {
      // The server ends it by itself where this is not heard.
      request('DELETE', path).catch(() => undefined);
    },
  };
  link = own;
  change({ kind: 'device', word, isThere: false, isOver: false });
  void listen(path, word, () => link === own);
}

/** Hears of the other device for as long as it is the one that is paired. */
async function listen(path: string, word: string, isOwn: () => boolean): Promise<void> {
  let after = 0;
  while (isOwn()) {
    try {
      const { at, isThere, shown } = await request<HeardView>('GET', `${path}?after=${after}`);
      if (!isOwn()) return;
      after = at;
      if (shown) heard(shown);
      change({ kind: 'device', word, isThere, isOver: false });
    } catch (error) {
      if (!isOwn()) return;
      const isOver = error instanceof Refused && error.status === 404;
      change({ kind: 'device', word, isThere: false, isOver });
      if (isOver) return;
      await new Promise((resolve) => setTimeout(resolve, tryAgainMs));
    }
  }
}

const patienceMs = 6_000;

/**
 * Tells the other screen what to show.
 * @returns for how long it stood there, in ms; null where nothing was heard of it
 */
export async function tellOtherScreen(show: Omit<ShowBody, 'id'>): Promise<number | null> {
  const id = ++lastId;
  const told = link?.tell({ ...show, id });
  if (!told) return null;
  const answer = new Promise<number | null>((resolve) => {
    waiting.set(id, resolve);
    setTimeout(() => resolve(null), patienceMs);
  });
  return told.then(
    () => answer,
    () => null,
  );
}
