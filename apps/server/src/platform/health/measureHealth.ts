import { statfs } from 'node:fs/promises';
import type { DataSource } from 'typeorm';
import type { HealthFacts } from '@pelvo/core';

/** Name of the setting in which `npm run backup` notes when it last made a copy. */
export const LAST_BACKUP = 'last-backup';

/** Longer than a database that works takes to answer anything asked here. */
const PATIENCE = 3000;
const DAY = 86_400_000;
/** Sessions end twelve hours after they were last used; one that ends later was begun by a clock that was ahead. */
const LONGEST_SESSION = 12 * 3600;

interface Seen {
  readonly version: string;
  readonly now: string;
  readonly lastSession: number | null;
  readonly backup: string | null;
}

/**
 * How the installation is, in one look of three seconds at most: a database that is frozen counts as one that does not answer.
 *
 * @param dataDir - where the data lies, if it lies on this machine
 */
export async function measureHealth(
  database: DataSource,
  dataDir: string | undefined,
): Promise<{ readonly facts: HealthFacts; readonly version: string | null }> {
  const disk = dataDir ? await diskOf(dataDir) : null;
  const begun = performance.now();
  const found = await inTime(look(database)).catch(() => null);
  if (!found) return { facts: { database: null, schema: null, disk, clock: null }, version: null };
  const { seen, applied } = found;
  const known = new Set(database.migrations.map(({ name, constructor }) => name ?? constructor.name));
  const now = Date.now();
  return {
    version: seen.version,
    facts: {
      database: performance.now() - begun,
      schema: {
        waiting: [...known].filter((name) => !applied.has(name)).length,
        unknown: [...applied].filter((name) => !known.has(name)).length,
      },
      disk,
      clock: {
        ahead: (now - Date.parse(seen.now)) / 1000,
        storedAhead: seen.lastSession === null ? 0 : Math.max(0, seen.lastSession - LONGEST_SESSION - now / 1000),
      },
      backupDays: seen.backup === null ? null : Math.max(0, Math.floor((now - Date.parse(seen.backup)) / DAY)),
    },
  };
}

async function look(database: DataSource): Promise<{ readonly seen: Seen; readonly applied: ReadonlySet<string> }> {
  const [seen] = (await database.query(
    `SELECT VERSION() AS version, DATE_FORMAT(UTC_TIMESTAMP(3), '%Y-%m-%dT%H:%i:%s.%fZ') AS now,
       (SELECT MAX(expires) FROM session) AS lastSession, (SELECT value FROM setting WHERE name = ?) AS backup`,
    [LAST_BACKUP],
  )) as [Seen];
  const applied = (await database.query('SELECT name FROM migrations')) as { name: string }[];
  return { seen, applied: new Set(applied.map(({ name }) => name)) };
}

const inTime = <T>(work: Promise<T>): Promise<T> =>
  new Promise((done, fail) => {
    const timer = setTimeout(() => fail(new Error('It took too long.')), PATIENCE);
    work.then(done, fail).finally(() => clearTimeout(timer));
  });

async function diskOf(dir: string): Promise<HealthFacts['disk']> {
  try {
    const { bavail, blocks, bsize } = await statfs(dir);
    return { free: bavail * bsize, size: blocks * bsize };
  } catch {
    return null;
  }
}
