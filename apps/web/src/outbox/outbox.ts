import { useSyncExternalStore } from 'react';
import { NoConnection, type Refused } from '../api/http.js';
import {
  dropRefused,
  forgetSent,
  isUnsent,
  keepRefused,
  keptClosings,
  keptTries,
  type KeptTry,
} from './database.js';
import { isStumble, sendClosing, sendTry } from './sendOne.js';
import { takeUpSteps } from './takeUp.js';

/** What waits on this device to be sent. */
export interface Waiting {
  readonly events: number;
  readonly tries: number;
  /** Closing pages of sittings. */
  readonly closings: number;
  /** What the last sending failed for: there was no answer, or something went wrong at the server. */
  readonly waitsFor: 'connection' | 'server' | null;
  /** Neither taken nor put aside at the server. */
  readonly refused: readonly KeptTry[];
  /** How many of those still held here the server has put aside for a lead. */
  readonly aside: number;
}

const firstPauseMs = 1_000;
const longestPauseMs = 20_000;

/** Sends what IndexedDB holds to the server, one try after another, until all of it is acknowledged. */
class Outbox {
  private waiting: Waiting = { events: 0, tries: 0, closings: 0, waitsFor: null, refused: [], aside: 0 };
  private readonly listeners = new Set<() => void>();
  /** Steps on their way to the disk. */
  private keeping = 0;
  private sending = false;
  private sendAgain = false;
  private pauseMs = firstPauseMs;
  private timer: ReturnType<typeof setTimeout> | undefined;

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  readonly read = (): Waiting => this.waiting;

  /** Begins sending, now or when there is a connection again. */
  start(): () => void {
    const send = () => this.send();
    window.addEventListener('online', send);
    // What cannot be taken up stays noted, and its sitting says so when it is opened.
    this.add(takeUpSteps).catch(() => undefined);
    return () => {
      window.removeEventListener('online', send);
      clearTimeout(this.timer);
    };
  }

  /** Keeps a step on the disk, then sends it. From the tap on it counts as waiting. */
  async add(keep: () => Promise<void>): Promise<void> {
    this.keeping++;
    this.tell({ ...this.waiting, tries: Math.max(1, this.waiting.tries) });
    try {
      await keep();
    } finally {
      this.keeping--;
      this.send();
    }
  }

  /** Sends what there is. Called while it is sending, it looks once more at the end. */
  send(): void {
    this.sendAgain = true;
    if (!this.sending) void this.sendAll();
  }

  /**
   * Sends all there is, once, and waits for it.
   *
   * @returns whether nothing is left that the server may still take
   */
  async deliver(): Promise<boolean> {
    await withLock(() => this.sendKept()).catch(() => undefined);
    await this.look(null);
    const { tries, closings, refused } = this.waiting;
    return tries + closings === refused.length;
  }

  /** Offers a refused try once more. */
  async offerAgain(id: KeptTry['id']): Promise<void> {
    await keepRefused(id);
    this.send();
  }

  /** Forgets a refused try for good: the child it is of may have been erased. */
  async letGo(id: KeptTry['id']): Promise<void> {
    await dropRefused(id);
    this.send();
  }

  private async sendAll(): Promise<void> {
    this.sending = true;
    clearTimeout(this.timer);
    try {
      while (this.sendAgain) {
        this.sendAgain = false;
        await this.look(this.waiting.waitsFor);
        // One page of the app at a time sends, so that two do not race with the same events.
        await withLock(() => this.sendKept());
        this.pauseMs = firstPauseMs;
        await this.look(null);
      }
      await forgetSent();
      this.sending = false;
      if (this.sendAgain) this.send();
    } catch (error) {
      this.sending = false;
      await this.look(error instanceof NoConnection ? 'connection' : 'server');
      // What was tapped meanwhile does not wait for the one that the server stumbles over.
      if (isStumble(error) && this.sendAgain) return this.send();
      this.timer = setTimeout(() => this.send(), this.pauseMs);
      this.pauseMs = Math.min(longestPauseMs, this.pauseMs * 2);
    }
  }

  /** One that the server stumbles over is passed by, and tried again with the next sending. */
  private async sendKept(): Promise<void> {
    const stumbles: Refused[] = [];
    const passing = async (sending: Promise<void>): Promise<void> => {
      await sending.catch((error: unknown) => {
        if (!isStumble(error)) throw error;
        stumbles.push(error);
      });
    };
    for (const kept of await keptTries()) {
      if (isUnsent(kept) && kept.refused === undefined) await passing(sendTry(kept));
    }
    for (const closing of await keptClosings()) {
      if (closing.refused === undefined) await passing(sendClosing(closing));
    }
    if (stumbles[0]) throw stumbles[0];
  }

  private async look(waitsFor: Waiting['waitsFor']): Promise<void> {
    const kept = await keptTries();
    const unsent = kept.filter(isUnsent);
    const closings = await keptClosings();
    this.tell({
      tries: Math.max(unsent.length, Math.min(1, this.keeping)),
      events: unsent.reduce((sum, one) => sum + one.events - one.sentEvents, 0),
      closings: closings.length,
      waitsFor,
      refused: unsent.filter((one) => one.refused !== undefined),
      aside: kept.filter((one) => one.isAside).length,
    });
  }

  private tell(waiting: Waiting): void {
    this.waiting = waiting;
    for (const listener of this.listeners) listener();
  }
}

function withLock(send: () => Promise<void>): Promise<void> {
  return 'locks' in navigator ? navigator.locks.request('dotting-outbox', send) : send();
}

export const outbox = new Outbox();

export function useWaiting(): Waiting {
  return useSyncExternalStore(outbox.subscribe, outbox.read);
}
