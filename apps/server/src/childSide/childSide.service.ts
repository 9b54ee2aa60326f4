import { createHash, randomBytes, randomInt, randomUUID } from 'node:crypto';
import type { HeardView, ShowBody, ShownBody, SideView, ToldView } from '@dotting/contract';
import { Injectable, type BeforeApplicationShutdown } from '@nestjs/common';
import { AttemptsService } from '../devices/attempts.service.js';
import type { AtWork } from '../common/present.js';
import { notFound } from '../http/refusals.js';
import { spoken } from '../wording/spoken.js';
import { Waiting } from './waiting.js';

/** A request is answered after so long, with news or without. */
const waitMs = 10_000;
/** A screen that has not asked for so long is gone. */
const goneMs = 2 * waitMs;
/** An adult’s device that has not asked for so long, as after its sit-down, ends it. */
const endedMs = 10 * 60_000;

/** Two screens of one sit-down. Nothing of a child is in it, and it is kept nowhere. */
interface Side {
  readonly id: string;
  readonly deviceId: string;
  /** Null once it was typed: it lets one device in. */
  word: string | null;
  /** SHA-256 of the token of the device that typed it. */
  tokenHash: string | null;
  show: ShowBody | null;
  shown: ShownBody | null;
  /** Goes up with each change that the adult’s device is to hear of. */
  at: number;
  heardOfChild: number;
  heardOfAdult: number;
  readonly news: Waiting;
}

const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex');
const plain = (word: string): string => word.trim().toLowerCase();

/** Pairs a second device with an adult’s by a word, and carries what it shows and for how long it did. */
@Injectable()
export class ChildSideService implements BeforeApplicationShutdown {
  private readonly sides = new Map<string, Side>();

  constructor(private readonly attempts: AttemptsService) {}

  /** A new one ends the one that the device had before. */
  open(at: AtWork): SideView {
    this.sweep();
    for (const side of this.sides.values()) if (side.deviceId === at.deviceId) this.drop(side);
    const taken = new Set([...this.sides.values()].map(({ word }) => word));
    const free = spoken()
      .childSide.wordList()
      .split(' ')
      .filter((word) => !taken.has(plain(word)));
    const word = free[randomInt(free.length)]!;
    const now = Date.now();
    const id = randomUUID();
    this.sides.set(id, {
      id,
      deviceId: at.deviceId,
      word: plain(word),
      tokenHash: null,
      show: null,
      shown: null,
      at: 0,
      heardOfChild: 0,
      heardOfAdult: now,
      news: new Waiting(),
    });
    return { id, word };
  }

  /** @returns the token of the device that typed the word right */
  async join(word: string, from: string): Promise<string> {
    return this.attempts.guarded(
      `side:${from}`,
      () => {
        this.sweep();
        const side = [...this.sides.values()].find((one) => one.word === plain(word));
        if (!side) return Promise.resolve(null);
        const token = randomBytes(24).toString('base64url');
        Object.assign(side, { word: null, tokenHash: hashOf(token), heardOfChild: Date.now() });
        this.tell(side);
        return Promise.resolve(token);
      },
      spoken().refusals.wrongSideWord(),
    );
  }

  /** What is to be shown after what was last told; waits for it a while. */
  async told(token: string, after: number): Promise<ToldView> {
    const side = this.ofToken(token);
    const wasThere = this.isThere(side);
    side.heardOfChild = Date.now();
    if (!wasThere) this.tell(side);
    const isNew = (): boolean => (side.show?.id ?? 0) > after;
    if (!isNew()) await side.news.until(isNew, waitMs);
    if (!this.sides.has(side.id)) throw notFound('childSide');
    side.heardOfChild = Date.now();
    return { show: isNew() ? side.show : null };
  }

  shown(token: string, shown: ShownBody): void {
    const side = this.ofToken(token);
    side.shown = shown;
    this.tell(side);
  }

  show(at: AtWork, id: string, show: ShowBody): void {
    const side = this.ofDevice(at, id);
    if (show.id > (side.show?.id ?? 0)) side.show = show;
    this.tell(side);
  }

  /** What changed after the adult’s device last heard; waits for it a while. */
  async heard(at: AtWork, id: string, after: number): Promise<HeardView> {
    const side = this.ofDevice(at, id);
    side.heardOfAdult = Date.now();
    if (side.at <= after) await side.news.until(() => side.at > after, waitMs);
    if (!this.sides.has(side.id)) throw notFound('childSide');
    return { at: side.at, isThere: this.isThere(side), shown: side.shown };
  }

  end(at: AtWork, id: string): void {
    const side = this.sides.get(id);
    if (side?.deviceId === at.deviceId) this.drop(side);
  }

  beforeApplicationShutdown(): void {
    for (const side of this.sides.values()) this.drop(side);
  }

  private isThere({ tokenHash, heardOfChild }: Side): boolean {
    return tokenHash !== null && Date.now() - heardOfChild < goneMs;
  }

  private tell(side: Side): void {
    side.at += 1;
    side.news.wake();
  }

  private drop(side: Side): void {
    this.sides.delete(side.id);
    side.news.wake();
    side.news.end();
  }

  private sweep(): void {
    for (const side of this.sides.values()) if (Date.now() - side.heardOfAdult > endedMs) this.drop(side);
  }

  private ofToken(token: string): Side {
    this.sweep();
    const hash = hashOf(token);
    const side = [...this.sides.values()].find(({ tokenHash }) => tokenHash === hash);
    if (!side) throw notFound('childSide');
    return side;
  }

  private ofDevice(at: AtWork, id: string): Side {
    const side = this.sides.get(id);
    if (side?.deviceId !== at.deviceId) throw notFound('childSide');
    return side;
  }
}
