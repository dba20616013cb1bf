import { setTimeout as pause } from 'node:timers/promises';
import type { DataSource, EntityManager } from 'typeorm';

/**
 * What a database says to a transaction that lost a race and would win it on another try: a deadlock, a lock waited for too
 * long, a row changed since the snapshot. A certification failure of a Galera cluster comes as a deadlock.
 * @source MariaDB error codes 1213, 1205 and 1020
 */
const LOST_RACES: ReadonlySet<string> = new Set(['ER_LOCK_DEADLOCK', 'ER_LOCK_WAIT_TIMEOUT', 'ER_CHECKREAD']);
const TRIES = 8;

export const lostARace = (error: unknown): boolean => LOST_RACES.has((error as { code?: string } | null)?.code ?? '');

/**
 * Runs `work` in one transaction, and again, from its beginning, when it lost a race. It must do nothing that cannot be
 * done twice besides what it does through its manager.
 *
 * @throws whatever `work` throws, and the lost race itself after the last try
 */
export async function inTransaction<T>(database: DataSource, work: (manager: EntityManager) => Promise<T>): Promise<T> {
  for (let tries = 1; ; tries += 1) {
    try {
      return await database.transaction(work);
    } catch (error) {
      if (tries >= TRIES || !lostARace(error)) throw error;
      // Two that met once are kept from meeting again in step.
      await pause(Math.random() * 20 * 2 ** tries);
    }
  }
}
