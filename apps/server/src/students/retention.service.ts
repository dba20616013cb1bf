import { Injectable, type OnApplicationBootstrap, type OnApplicationShutdown } from '@nestjs/common';
import { Logger } from 'nestjs-pino';
import { DataSource } from 'typeorm';
import { applyRetention } from './retention';

const FIRST_MS = 60_000;
const EVERY_MS = 6 * 3_600_000;

/** Looks a few times a day for what the school no longer keeps. */
@Injectable()
export class RetentionService implements OnApplicationBootstrap, OnApplicationShutdown {
  private timer: NodeJS.Timeout | undefined;

  constructor(
    private readonly database: DataSource,
    private readonly log: Logger,
  ) {}

  onApplicationBootstrap(): void {
    this.after(FIRST_MS);
  }

  onApplicationShutdown(): void {
    clearTimeout(this.timer);
  }

  private after(pause: number): void {
    this.timer = setTimeout(() => {
      // A database that is away is asked again the next time.
      applyRetention(this.database)
        .then(({ photos, left }) => photos + left > 0 && this.log.warn({ photos, left }, "taken away by the school's own terms"))
        // Its code alone: what a database says may hold a name.
        .catch((error: { code?: string }) => this.log.error({ code: error.code }, 'what is no longer kept could not be taken away'))
        .finally(() => this.after(EVERY_MS));
    }, pause);
    this.timer.unref();
  }
}
