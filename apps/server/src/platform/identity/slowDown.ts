import { Inject, Injectable } from '@nestjs/common';
import { RateLimiterMySQL, type RateLimiterRes } from 'rate-limiter-flexible';
import type { Pool } from 'mysql2';
import { ProblemException } from '../problems';
import { lostARace } from '../database/transaction';
import { CALLBACK_POOL, DATABASE_NAME } from '../database/tokens';

const MINUTE = 60;
const DAY = 24 * 60 * MINUTE;
const LONGEST_WAIT = 15 * MINUTE;

/**
 * Tries in a quarter of an hour before the next has to wait. A school has one address and a classroom of mistyped
 * passwords; one account is not tried by its owner from several devices they have never used before.
 */
const FREE_TRIES = { account: 10, device: 20, code: 60, address: 400 } as const;

/**
 * What tries are counted by: an account, by devices it has not been used on; one device of an account; one-time codes
 * from one address; all that comes from one address.
 */
export interface TryKey {
  readonly of: keyof typeof FREE_TRIES;
  readonly key: string;
}

/**
 * Slows guessing down. A try is counted before it is looked at, so that a hundred at once are no way round; one that was right
 * is forgiven. Beyond the free ones the wait is a minute, then two, four, eight, and fifteen. Counted in the database, so
 * that several copies of the server count together.
 */
@Injectable()
export class SlowDown {
  private readonly tries: Readonly<Record<TryKey['of'], RateLimiterMySQL>>;
  private readonly waits: RateLimiterMySQL;

  constructor(@Inject(CALLBACK_POOL) pool: Pool, @Inject(DATABASE_NAME) dbName: string) {
    const options = { storeClient: pool, dbName, tableName: 'rate_limit', tableCreated: true, clearExpiredByTimeout: false };
    const of = (kind: TryKey['of']) =>
      new RateLimiterMySQL({ ...options, keyPrefix: `try-${kind}`, points: FREE_TRIES[kind], duration: LONGEST_WAIT });
    this.tries = { account: of('account'), device: of('device'), code: of('code'), address: of('address') };
    this.waits = new RateLimiterMySQL({ ...options, keyPrefix: 'waited', points: 1_000_000, duration: DAY });
  }

  /** Counts a try. @throws ProblemException `too-many` when it has to wait, for any of its keys */
  async count(keys: readonly TryKey[]): Promise<void> {
    for (const { of, key } of keys) {
      const limiter = this.tries[of];
      const { consumedPoints, msBeforeNext } = await this.counted(limiter, key, LONGEST_WAIT);
      const beyond = consumedPoints - FREE_TRIES[of];
      if (beyond <= 0) continue;
      // The first beyond the free ones decides how long all wait; those during the wait neither shorten nor lengthen it.
      let wait = msBeforeNext / 1000;
      if (beyond === 1) {
        const times = (await this.counted(this.waits, `${of}|${key}`, DAY)).consumedPoints;
        wait = Math.min(LONGEST_WAIT, MINUTE * 2 ** (times - 1));
        await again(() => limiter.block(key, wait));
      }
      const seconds = Math.max(1, Math.ceil(wait));
      throw new ProblemException('too-many', {
        detail: `Too many tries that failed. Wait ${seconds} seconds, then try again.`,
        retryAfter: seconds,
      });
    }
  }

  /** The try was right: it does not count, and those of this person before it do not either. */
  async forgive(keys: readonly TryKey[]): Promise<void> {
    for (const { of, key } of keys)
      await again(async () => {
        if (of === 'address' || of === 'code') await this.tries[of].reward(key, 1);
        else await Promise.all([this.tries[of].delete(key), this.waits.delete(`${of}|${key}`)]);
      });
  }

  /** One more, atomically; a count that began on a clock that was far ahead begins anew. */
  private async counted(limiter: RateLimiterMySQL, key: string, longest: number): Promise<RateLimiterRes> {
    const result = await again(() => limiter.penalty(key, 1));
    if (result.msBeforeNext <= longest * 1000 + MINUTE * 1000) return result;
    await again(() => limiter.delete(key));
    return again(() => limiter.penalty(key, 1));
  }
}

/** Counters that many raise at once lose races like every other row. */
async function again<T>(work: () => Promise<T>, tries = 6): Promise<T> {
  try {
    return await work();
  } catch (error) {
    if (tries <= 1 || !lostARace(error)) throw error;
    return again(work, tries - 1);
  }
}
