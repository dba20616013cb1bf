import { setTimeout as pause } from 'node:timers/promises';
import { createPool, type Pool } from 'mysql2';
import { DataSource, type DataSourceOptions } from 'typeorm';

/** TypeORM options for a `mysql://` or `mariadb://` URL. The schema changes by migrations only. */
/** @param poolSize - connections one copy of the server uses at once */
export function connectionOptions(url: string, poolSize = 10) {
  const { hostname, port, username, password, pathname } = new URL(url);
  return {
    type: 'mariadb',
    host: hostname,
    port: Number(port || 3306),
    username: decodeURIComponent(username),
    password: decodeURIComponent(password),
    database: databaseName(pathname),
    charset: 'utf8mb4_unicode_ci',
    timezone: 'Z',
    dateStrings: ['DATE'] as string[],
    synchronize: false,
    poolSize,
  } as const;
}

export function databaseName(pathname: string): string {
  return decodeURIComponent(pathname.replace(/^\//, ''));
}

/** A small pool of its own for sessions and rate limits, which speak to mysql2 directly. */
export function openPool(url: string): Pool {
  return createPool({ uri: url.replace(/^mariadb:/, 'mysql:'), connectionLimit: 4, timezone: 'Z', charset: 'utf8mb4' });
}

const LOCK = 'pelvo-starting';
const LOCK_SECONDS = 120;
const PATIENCE = 60_000;

/**
 * Runs what only one copy of the server may do at a time, while the others wait: bringing the schema up to date, filling an
 * empty school.
 *
 * @throws when the others take longer than two minutes
 */
export async function alone<T>(database: DataSource, work: () => Promise<T>): Promise<T> {
  const runner = database.createQueryRunner();
  try {
    // MariaDB's named locks belong to a connection, and go with it when the process dies.
    const [row] = (await runner.query('SELECT GET_LOCK(?, ?) AS got', [LOCK, LOCK_SECONDS])) as [{ got: unknown }];
    if (Number(row.got) !== 1)
      throw new Error('Another copy of Pelvo has been starting on this database for two minutes. Look at its log.');
    try {
      return await work();
    } finally {
      await runner.query('SELECT RELEASE_LOCK(?)', [LOCK]);
    }
  } finally {
    await runner.release();
  }
}

/** Opens the database and brings its schema up to date. */
export async function openDatabase(options: DataSourceOptions): Promise<DataSource> {
  const database = await new DataSource(options).initialize();
  try {
    await alone(database, () => migrate(database, Date.now() + PATIENCE));
    return database;
  } catch (error) {
    await database.destroy();
    throw error;
  }
}

/** A named lock is of one node: on another node of a cluster the same migration may be under way, so it is waited for. */
async function migrate(database: DataSource, until: number): Promise<void> {
  try {
    await database.runMigrations({ transaction: 'each' });
  } catch (error) {
    if (Date.now() > until || (error as { code?: string }).code !== 'ER_TABLE_EXISTS_ERROR') throw error;
    await pause(1000);
    await migrate(database, until);
  }
}
