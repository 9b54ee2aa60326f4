import { Injectable, Logger, type OnModuleDestroy } from '@nestjs/common';
import { Refresher } from '../summaries/refresher.service.js';
import { AttemptsService } from '../devices/attempts.service.js';
import { NotHereToday } from '../notHere/notHere.service.js';
import { SetAsideService } from '../setAside/setAside.service.js';
import { TrailService } from '../trail/trail.service.js';
import { ErasuresService } from './erasures.service.js';

const hourMs = 3_600_000;

/** What is done without being asked: at the start and every hour, so that a new day finds it done. */
@Injectable()
export class Rounds implements OnModuleDestroy {
  private readonly log = new Logger(Rounds.name);
  private timer?: NodeJS.Timeout;
  private round: Promise<void> = Promise.resolve();

  constructor(
    private readonly erasures: ErasuresService,
    private readonly refresher: Refresher,
    private readonly notHere: NotHereToday,
    private readonly trail: TrailService,
    private readonly attempts: AttemptsService,
    private readonly setAside: SetAsideService,
  ) {}

  /** Begins the rounds, and resolves when the first is over. Summaries go on being brought up after it. */
  async begin(): Promise<void> {
    this.refresher.listen();
    this.timer = setInterval(() => {
      this.round = this.go();
    }, hourMs);
    this.round = this.go();
    await this.round;
  }

  async onModuleDestroy(): Promise<void> {
    clearInterval(this.timer);
    await this.round;
  }

  private async go(): Promise<void> {
    try {
      await this.erasures.eraseDue();
      await this.notHere.forgetEarlierDays();
      await this.trail.forgetOld();
      await this.attempts.forgetOld();
      await this.setAside.forgetOld();
      await this.refresher.everyone();
    } catch (error) {
      this.log.error(`A round was broken off, and is made again in an hour: ${(error as Error).message}`);
    }
  }
}
