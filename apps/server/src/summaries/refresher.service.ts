import { setImmediate } from 'node:timers/promises';
import type { ChildId } from '@dotting/core';
import { Injectable, Logger, type OnModuleDestroy } from '@nestjs/common';
import { bufferTime, type Subscription } from 'rxjs';
import { Evidence } from '../evidence/evidence.service.js';
import { SummariesService } from './summaries.service.js';

/** Whoever asks sooner has the summary made at once. */
const usualGatherMs = 15_000;

/** Brings summaries up before anyone asks: after each change, and all of them for a new day. */
@Injectable()
export class Refresher implements OnModuleDestroy {
  private readonly waiting = new Set<ChildId>();
  private readonly log = new Logger(Refresher.name);
  private working: Promise<void> = Promise.resolve();
  private isWorking = false;
  private subscription?: Subscription;

  constructor(
    private readonly evidence: Evidence,
    private readonly summaries: SummariesService,
  ) {}

  /**
   * Not before the demo nursery is loaded: its every try would be worked out for nothing.
   *
   * @param gatherMs so long changes are gathered: of the tries that a child ends meanwhile one summary is made
   */
  listen(gatherMs = usualGatherMs): void {
    this.subscription = this.evidence.changed
      .pipe(bufferTime(gatherMs))
      .subscribe((changes) => this.soon(changes.flat()));
  }

  /** Ends with the child in hand; whoever waits is brought up when somebody asks. */
  async onModuleDestroy(): Promise<void> {
    this.subscription?.unsubscribe();
    this.waiting.clear();
    await this.working;
  }

  async everyone(): Promise<void> {
    this.soon(await this.summaries.everyChild());
  }

  soon(childIds: readonly ChildId[]): void {
    for (const id of childIds) this.waiting.add(id);
    if (!this.isWorking && this.waiting.size > 0) this.working = this.work();
  }

  private async work(): Promise<void> {
    this.isWorking = true;
    for (const id of this.waiting) {
      // One child at a time, and whoever asks in between comes first.
      await setImmediate();
      if (!this.waiting.delete(id)) break;
      await this.summaries.bringUp(id).catch((error: Error) => {
        this.log.error(`The summary of child ${id} could not be brought up: ${error.message}`, error.stack);
      });
    }
    this.isWorking = false;
  }
}
