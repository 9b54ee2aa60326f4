import type { ChildPage, PresentAdult, PutClosing } from '@dotting/contract';
import type { TraceId } from '@dotting/core';
import {
  closeSitting,
  dropSitting,
  handedOver,
  keepStep,
  keptSitting,
  keptTry,
  sittingKey,
  takeOver,
} from '../outbox/database.js';
import { caughtUp, forgetStep, isForgotten, notedStep, noteStep, type Noted } from '../outbox/journal.js';
import { takeUpSteps } from '../outbox/takeUp.js';
import { outbox } from '../outbox/outbox.js';
import { after, type Action } from './after.js';
import type { Now } from './now.js';
import { freshSitting, type Chosen } from './freshSitting.js';
import { openTry, type Closing, type KeptSitting, type Sitting, type SittingTry } from '../outbox/sitting.js';
import { newId } from '../common/ids.js';
import { momentAt } from '../common/moments.js';

/**
 * A sitting on this device. Every action changes what is shown at once, is then kept in IndexedDB,
 * and from there sent: the screen never waits for either.
 */
export class SittingStore {
  private sitting: Sitting;
  private readonly listeners = new Set<() => void>();
  private keeping: Promise<void> = Promise.resolve();
  private failure: Error | null = null;
  /** How many events of each try are on the disk: what a failed step left out goes with the next. */
  private readonly kept: Map<TraceId, number>;
  /** The step noted last; forgotten once it is on the disk. */
  private noted: Noted | null = null;

  private constructor(sitting: Sitting) {
    this.sitting = sitting;
    this.kept = new Map(sitting.tries.map((one) => [one.id, one.events.length]));
  }

  /** Goes on with the adult's sitting with the child, or begins one. */
  static async open(
    adult: PresentAdult,
    childId: string,
    page: () => Promise<ChildPage>,
    chosen: Chosen | null = null,
  ): Promise<SittingStore> {
    const key = sittingKey(adult.id, childId);
    await takeUpSteps();
    const kept = (await keptSitting(key)) ?? (await takenOver(adult, childId, page));
    const sitting = kept ? await restore(kept) : freshSitting(adult, key, await page(), chosen, now());
    const store = new SittingStore({ ...sitting, presence: adult.presence });
    store.catchUp(notedStep(key));
    return store;
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  readonly read = (): Sitting => this.sitting;

  /** What went wrong while keeping; the tries before it are safe. */
  readonly readFailure = (): Error | null => this.failure;

  readonly dispatch = (action: Action): void => {
    const before = this.sitting;
    this.sitting = after(before, action, now());
    if (this.sitting === before) return;
    this.tellListeners();
    this.keep(before, this.sitting);
  };

  /** Waits until all of it is on the disk; whether it could be kept. */
  async isKept(): Promise<boolean> {
    await this.keeping;
    return this.failure === null;
  }

  /**
   * Puts the sitting away, with its closing page, once all of it is kept. A try still open is ended as
   * interrupted.
   * @returns whether it could: what cannot be kept stays on the screen
   */
  async close(): Promise<boolean> {
    if (openTry(this.sitting)?.head.ended === null) this.dispatch({ kind: 'end', ended: 'interrupted' });
    if (!(await this.isKept())) return false;
    const { key, tries, closing } = this.sitting;
    if (tries.length === 0 || !closing) await dropSitting(key);
    else await closeSitting(key, { id: this.sitting.id, body: this.closingBody(closing) });
    forgetStep(key);
    outbox.send();
    return true;
  }

  private closingBody({ changed, open, note }: Closing): PutClosing {
    const { child, staffId, presence } = this.sitting;
    return {
      childId: child.id,
      recordedBy: staffId,
      presence,
      closedAt: now().iso,
      revision: 0,
      changed: changed.filter((line) => line.words.trim() !== ''),
      open: [...open],
      note,
    };
  }

  private keep(before: Sitting, sitting: Sitting): void {
    const changed = sitting.tries.at(-1);
    const isChanged = changed && changed !== before.tries.at(-1);
    const kept: KeptSitting = { ...sitting, tries: sitting.tries.map((one) => one.id) };
    const keptBefore = this.keeping;
    const noted = isChanged ? this.note(changed) : null;
    this.keeping = outbox
      .add(async () => {
        await keptBefore;
        if (isChanged) {
          const { events, ...step } = changed;
          await keepStep(kept, step, events, this.kept.get(step.id) ?? 0);
          this.kept.set(step.id, events.length);
          if (this.noted === noted) forgetStep(sitting.key);
        } else await keepStep(kept, null, [], 0);
        this.failure = null;
      })
      .catch((error: unknown) => {
        this.failure = error instanceof Error ? error : new Error(String(error));
      })
      .then(() => this.tellListeners());
  }

  /** Takes up the first step of a sitting that was itself not kept yet. */
  private catchUp(noted: Noted | null): void {
    const before = this.sitting;
    if (noted) this.sitting = withNoted(before, noted);
    if (this.sitting !== before) this.keep(before, this.sitting);
  }

  /** At once, because a reload may come before the disk has it. */
  private note({ id, head, revision, presence, events }: SittingTry): Noted {
    const noted = { id, head, revision, presence, events: events.slice(this.kept.get(id) ?? 0) };
    noteStep(this.sitting.key, noted);
    this.noted = noted;
    return noted;
  }

  private tellListeners(): void {
    for (const listener of this.listeners) listener();
  }
}

/** The sitting with the child that another adult left to whoever comes next; the server says whether she may see the child. */
async function takenOver(
  adult: PresentAdult,
  childId: string,
  page: () => Promise<ChildPage>,
): Promise<KeptSitting | undefined> {
  const [left] = await handedOver([childId]);
  if (!left) return undefined;
  await page();
  return takeOver(left, adult);
}

async function restore(kept: KeptSitting): Promise<Sitting> {
  const tries = await Promise.all(kept.tries.map((id) => keptTry(id)));
  return {
    ...kept,
    isPlanDue: kept.isPlanDue ?? false,
    child: { ...kept.child, notYet: kept.child.notYet ?? [] },
    // Kept by an earlier version, it does not say what it is for: what lay there.
    whole: { ...kept.whole, main: kept.whole.main ?? kept.plan.task, mainWhy: kept.whole.mainWhy ?? '' },
    tries: tries.flatMap((one) => {
      if (!one) return [];
      const { id, head, revision, presence } = one.kept;
      return [{ id, head, revision, presence, events: one.events }];
    }),
  };
}

/** Reloaded before its very first step was on the disk, a sitting begins once more, under its own id. */
function withNoted(sitting: Sitting, noted: Noted): Sitting {
  if (sitting.tries.length > 0 || isForgotten(noted)) return sitting;
  const tries = caughtUp([], noted);
  return tries.length === 0
    ? sitting
    : { ...sitting, id: noted.head.sittingId, tries, stage: 'sitting', isOpen: true };
}

function now(): Now {
  return { ...momentAt(Date.now()), newId: newId<TraceId>() };
}
