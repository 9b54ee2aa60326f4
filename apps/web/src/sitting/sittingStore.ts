import type { ChildPage, NextStepView, PresentAdult, PutClosing } from '@dotting/contract';
import { figure, otherQuestion, type SittingId, type TraceId } from '@dotting/core';
import { formatISO } from 'date-fns/formatISO';
import { v4 as uuid } from 'uuid';
import { closeSitting, dropSitting, keepStep, keptSitting, keptTry, sittingKey } from '../outbox/database.js';
import { outbox } from '../outbox/outbox.js';
import {
  after,
  laid,
  openTry,
  type Action,
  type Closing,
  type KeptSitting,
  type Now,
  type Sitting,
} from './sitting.js';

/** What an adult chose to begin with. */
export type ChosenStep = Pick<NextStepView, 'task' | 'n' | 'things' | 'why'>;

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

  private constructor(sitting: Sitting) {
    this.sitting = sitting;
    this.kept = new Map(sitting.tries.map((one) => [one.id, one.events.length]));
  }

  /** Goes on with the adult's sitting with the child, or begins one. */
  static async open(
    adult: PresentAdult,
    childId: string,
    page: () => Promise<ChildPage>,
    chosen: ChosenStep | null = null,
  ): Promise<SittingStore> {
    const key = sittingKey(adult.id, childId);
    const kept = await keptSitting(key);
    if (kept) return new SittingStore({ ...(await restore(kept)), presence: adult.presence });
    return new SittingStore(fresh(adult, key, await page(), chosen));
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

  /**
   * Puts the sitting away, with its closing page, once all of it is kept. A try still open is ended as
   * interrupted.
   * @returns whether it could: what cannot be kept stays on the screen
   */
  async close(): Promise<boolean> {
    if (openTry(this.sitting)?.head.ended === null) this.dispatch({ kind: 'end', ended: 'interrupted' });
    await this.keeping;
    if (this.failure) return false;
    const { key, tries, closing } = this.sitting;
    if (tries.length === 0 || !closing) await dropSitting(key);
    else await closeSitting(key, { id: this.sitting.id, body: this.closingBody(closing) });
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
    this.keeping = outbox
      .add(async () => {
        await keptBefore;
        if (isChanged) {
          const { events, ...step } = changed;
          await keepStep(kept, step, events, this.kept.get(step.id) ?? 0);
          this.kept.set(step.id, events.length);
        } else await keepStep(kept, null, [], 0);
        this.failure = null;
      })
      .catch((error: unknown) => {
        this.failure = error instanceof Error ? error : new Error(String(error));
      })
      .then(() => this.tellListeners());
  }

  private tellListeners(): void {
    for (const listener of this.listeners) listener();
  }
}

/** A sitting before its first try: planned from the step that was chosen or comes first, for the minutes the child has. */
function fresh(
  adult: PresentAdult,
  key: string,
  { child, steps, easier, metTasks, recent }: ChildPage,
  chosen: ChosenStep | null,
): Sitting {
  const id = uuid() as SittingId;
  const earlier = recent.flatMap(({ ended, ...one }) => (ended === null ? [] : [{ ...one, ended }]));
  const isShort = child.needs.includes('attention');
  const { task, n, things, why } = chosen ?? steps[0] ?? easier;
  const size = isShort ? Math.min(n, figure.thingsOfShort) : n;
  const plan = { task, size, things, why, language: child.languages[0]! };
  return {
    key,
    id,
    staffId: adult.id,
    presence: adult.presence,
    child,
    earlier,
    metTasks,
    plan: laid({ id, tries: [] }, plan),
    whole: {
      minutes: isShort ? figure.minutesOfShort : figure.minutesOfSitting,
      other: isShort ? null : otherQuestion(task, earlier, now().iso.slice(0, 10)),
    },
    stage: 'planning',
    access: child.needs,
    pausedAt: null,
    pausedMs: 0,
    closing: null,
    tries: [],
    isOpen: false,
  };
}

async function restore(kept: KeptSitting): Promise<Sitting> {
  const tries = await Promise.all(kept.tries.map((id) => keptTry(id)));
  return {
    ...kept,
    tries: tries.flatMap((one) => {
      if (!one) return [];
      const { id, head, revision, presence } = one.kept;
      return [{ id, head, revision, presence, events: one.events }];
    }),
  };
}

function now(): Now {
  const date = new Date();
  return { ms: date.getTime(), iso: isoWithMs(date), newId: uuid() as TraceId };
}

/** formatISO with the milliseconds it leaves out. */
function isoWithMs(date: Date): string {
  const ms = String(date.getMilliseconds()).padStart(3, '0');
  return formatISO(date).replace(/(?<=T\d\d:\d\d:\d\d)/, `.${ms}`);
}
