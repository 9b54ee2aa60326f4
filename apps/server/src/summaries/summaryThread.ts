import path from 'node:path';
import { Injectable, type OnModuleDestroy } from '@nestjs/common';
import { Piscina } from 'piscina';
import type { SummaryTask } from './worker.js';
import type { ChildEvidence, ChildSummary } from './workOut.js';

/** A summary takes about a second at most; one that takes longer than this, in ms, is broken off. */
const longestMs = 30_000;

/** Threads load what was built, also where the rest is run from its sources. */
const file = path.join(import.meta.dirname.replace(/src(?=[/\\]summaries$)/, 'dist'), 'worker.js');

/** Works summaries out in a thread beside the one that answers, one after another. */
@Injectable()
export class SummaryThread implements OnModuleDestroy {
  private readonly threads = new Piscina<SummaryTask, ChildSummary>({
    filename: file,
    // Begun with the first summary, so that closing, which waits for summaries, never ends a thread that is still loading:
    // Node stops as a whole where that happens.
    minThreads: 0,
    maxThreads: 1,
    idleTimeout: Infinity,
    // Whoever is waited for goes first where processors are few.
    niceIncrement: 10,
  });
  private turn: Promise<unknown> = Promise.resolve();

  /** @throws when it cannot be worked out, or not in time */
  workOut(evidence: ChildEvidence, day: string): Promise<ChildSummary> {
    // Its time begins with its turn, and not while others are worked out before it.
    const summary = this.turn.then(() =>
      this.threads.run({ evidence, day }, { signal: AbortSignal.timeout(longestMs) }),
    );
    this.turn = summary.catch(() => undefined);
    return summary;
  }

  /** How many summaries the thread has worked out. */
  get done(): number {
    return this.threads.completed;
  }

  async onModuleDestroy(): Promise<void> {
    await this.turn;
    await this.threads.destroy();
  }
}
