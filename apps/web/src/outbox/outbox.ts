import type { PutTry, TryStored } from '@dotting/contract';
import { useSyncExternalStore } from 'react';
import { isNoForGood, NoConnection, Refused, request } from '../api/http.js';
import {
  dropRefused,
  forgetClosing,
  forgetSent,
  isUnsent,
  keepAcknowledged,
  keepClosingRefused,
  keepRefused,
  keptClosings,
  keptTries,
  keptTry,
  redate,
  type KeptClosing,
  type KeptTry,
} from './database.js';
import { takeUpSteps } from './takeUp.js';

/** What waits on this device to be sent. */
export interface Waiting {
  readonly events: number;
  readonly tries: number;
  /** Closing pages of sittings. */
  readonly closings: number;
  /** The last sending got no answer. */
  readonly noConnection: boolean;
  readonly refused: readonly KeptTry[];
}

const eventsAtOnce = 200;
const firstPauseMs = 1_000;
const longestPauseMs = 20_000;

/** Sends what IndexedDB holds to the server, one try after another, until all of it is acknowledged. */
class Outbox {
  private waiting: Waiting = { events: 0, tries: 0, closings: 0, noConnection: false, refused: [] };
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
    await this.look(false);
    const { tries, closings, refused } = this.waiting;
    return tries + closings === refused.length;
  }

  /** Offers a refused try once more. */
  async offerAgain(id: KeptTry['id']): Promise<void> {
    await keepRefused(id);
    this.send();
  }

  /** Offers a try that was refused for its date once more, with another. */
  async offerWithDate(id: KeptTry['id'], startedAt: string): Promise<void> {
    await redate(id, startedAt);
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
        await this.look(this.waiting.noConnection);
        // One page of the app at a time sends, so that two do not race with the same events.
        await withLock(() => this.sendKept());
        this.pauseMs = firstPauseMs;
        await this.look(false);
      }
      await forgetSent();
      this.sending = false;
      if (this.sendAgain) this.send();
    } catch (error) {
      this.sending = false;
      await this.look(error instanceof NoConnection);
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

  private async look(noConnection: boolean): Promise<void> {
    const kept = await keptTries();
    const unsent = kept.filter(isUnsent);
    const closings = await keptClosings();
    this.tell({
      tries: Math.max(unsent.length, Math.min(1, this.keeping)),
      events: unsent.reduce((sum, one) => sum + one.events - one.sentEvents, 0),
      closings: closings.length,
      noConnection,
      refused: unsent.filter((one) => one.refused !== undefined),
    });
  }

  private tell(waiting: Waiting): void {
    this.waiting = waiting;
    for (const listener of this.listeners) listener();
  }
}

async function sendTry(kept: KeptTry): Promise<void> {
  const whole = await keptTry(kept.id);
  if (!whole) return;
  const body: PutTry = {
    ...kept.head,
    revision: kept.revision,
    presence: kept.presence,
    events: whole.events.slice(kept.sentEvents, kept.sentEvents + eventsAtOnce),
  };
  try {
    const stored = await request<TryStored>('PUT', `tries/${kept.id}`, body);
    await keepAcknowledged(kept.id, stored.events, stored.revision);
    if (stored.events < whole.events.length) await sendTry({ ...kept, sentEvents: stored.events });
  } catch (error) {
    if (!isFinal(error)) throw error;
    await keepRefused(kept.id, error.message, error.fields[0]?.field);
  }
}

async function sendClosing(closing: KeptClosing): Promise<void> {
  try {
    await request('PUT', `sittings/${closing.id}/closing`, closing.body);
    await forgetClosing(closing.id);
  } catch (error) {
    if (!isFinal(error)) throw error;
    await keepClosingRefused({ ...closing, refused: error.message });
  }
}

/** Something about this one request went wrong at the server: others may go well. */
const isStumble = (error: unknown): error is Refused => error instanceof Refused && error.status === 500;

/** The server will never take it; without an adult at the device it only does not take it yet. */
const isFinal = (error: unknown): error is Refused => isNoForGood(error) && error.status !== 401;

function withLock(send: () => Promise<void>): Promise<void> {
  return 'locks' in navigator ? navigator.locks.request('dotting-outbox', send) : send();
}

export const outbox = new Outbox();

export function useWaiting(): Waiting {
  return useSyncExternalStore(outbox.subscribe, outbox.read);
}
