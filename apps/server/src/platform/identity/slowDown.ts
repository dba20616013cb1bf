import { Inject, Injectable } from '@nestjs/common';
import { RateLimiterMySQL } from 'rate-limiter-flexible';
import type { Pool } from 'mysql2';
import { ProblemException } from '../problems';
import { CALLBACK_POOL, DATABASE_NAME } from '../database/tokens';

/** Failures that cost nothing: a mistyped password is not an attack, and a classroom shares one address. */
const FREE_FAILURES = { account: 4, address: 30 } as const;
const DAY = 24 * 60 * 60;
const LONGEST_WAIT = 15 * 60;

/** What failures are counted by: one account from one address, or all that comes from one address. */
export interface FailureKey {
  readonly of: keyof typeof FREE_FAILURES;
  readonly key: string;
}

/**
 * Slows repeated failures down: beyond the free ones, each further one doubles the wait, up to a quarter of an hour. Counted in
 * the database, by account and by address, so that several copies of the server count together.
 */
@Injectable()
export class SlowDown {
  private readonly failures: RateLimiterMySQL;
  private readonly waits: RateLimiterMySQL;

  constructor(@Inject(CALLBACK_POOL) pool: Pool, @Inject(DATABASE_NAME) dbName: string) {
    const options = { storeClient: pool, dbName, tableName: 'rate_limit', tableCreated: true, clearExpiredByTimeout: false };
    this.failures = new RateLimiterMySQL({ ...options, keyPrefix: 'fail', points: 1_000_000, duration: DAY });
    this.waits = new RateLimiterMySQL({ ...options, keyPrefix: 'wait', points: 1, duration: LONGEST_WAIT });
  }

  /** @throws ProblemException `too-many` while one of the keys has to wait */
  async check(keys: readonly FailureKey[]): Promise<void> {
    const states = await Promise.all(keys.map(({ of, key }) => this.waits.get(`${of}|${key}`)));
    const wait = Math.max(0, ...states.map((state) => (state && state.consumedPoints > 1 ? state.msBeforeNext : 0)));
    if (wait > 0) {
      const seconds = Math.ceil(wait / 1000);
      throw new ProblemException('too-many', {
        detail: `Too many failed tries. Wait ${seconds} seconds, then try again.`,
        retryAfter: seconds,
      });
    }
  }

  async failed(keys: readonly FailureKey[]): Promise<void> {
    for (const { of, key } of keys) {
      const { consumedPoints } = await this.failures.penalty(`${of}|${key}`, 1);
      const beyond = consumedPoints - FREE_FAILURES[of];
      if (beyond > 0) await this.waits.block(`${of}|${key}`, Math.min(LONGEST_WAIT, 2 ** Math.min(beyond, 10)));
    }
  }

  async succeeded({ of, key }: FailureKey): Promise<void> {
    await Promise.all([this.failures.delete(`${of}|${key}`), this.waits.delete(`${of}|${key}`)]);
  }
}
