import { HttpStatus, Injectable } from '@nestjs/common';
import pLimit from 'p-limit';
import { DataSource, LessThan } from 'typeorm';
import { RefusedException } from '../http/refusals.js';
import { Attempt } from './attempt.entity.js';
import { spoken } from '../wording/spoken.js';

/** So many wrong ones go unpunished: fingers slip on a tablet. */
const free = 3;
const firstWaitSeconds = 5;
const longestWaitSeconds = 15 * 60;
const forgottenMs = 24 * 3_600_000;
/** Many at once wait for one another’s counts: they leave connections to the database for whoever counts meanwhile. */
const inTurn = pLimit(2);

/** Seconds to wait after so many wrong ones in a row: 0 0 0 5 10 20 40 … 900. */
function waitAfter(wrong: number): number {
  return wrong <= free ? 0 : Math.min(longestWaitSeconds, firstWaitSeconds * 2 ** (wrong - free - 1));
}

/** Counts and slows wrong passwords and codes. */
@Injectable()
export class AttemptsService {
  constructor(private readonly dataSource: DataSource) {}

  /**
   * Runs the check as one attempt. It is counted as wrong before it is checked, so that many sent at
   * once do not slip past the count.
   */
  async guarded<T>(subject: string, check: () => Promise<T | null>, wrongMessage: string): Promise<T> {
    await inTurn(() => this.begin(subject));
    const right = await check();
    if (right === null) throw new RefusedException(HttpStatus.UNAUTHORIZED, wrongMessage);
    await this.dataSource.manager.delete(Attempt, { subject });
    return right;
  }

  /** Who has waited long enough begins anew: unknown addresses leave nothing for good. */
  async forgetOld(): Promise<void> {
    await this.dataSource.manager.delete(Attempt, {
      blockedUntil: LessThan(new Date(Date.now() - forgottenMs)),
    });
  }

  private async begin(subject: string): Promise<void> {
    await this.dataSource.transaction(async (manager) => {
      await manager.query(
        `INSERT INTO attempt (subject, wrong, blocked_until) VALUES (?, 0, ?)
         ON DUPLICATE KEY UPDATE subject = subject`,
        [subject, new Date()],
      );
      const attempt = await manager.findOneOrFail(Attempt, {
        where: { subject },
        lock: { mode: 'pessimistic_write' },
      });
      const now = Date.now();
      const seconds = Math.ceil((attempt.blockedUntil.getTime() - now) / 1000);
      if (seconds > 0) {
        throw new RefusedException(
          HttpStatus.TOO_MANY_REQUESTS,
          spoken().refusals.tooManyWrong({ n: seconds }),
        );
      }
      attempt.wrong += 1;
      attempt.blockedUntil = new Date(now + 1000 * waitAfter(attempt.wrong));
      await manager.save(attempt);
    });
  }
}
