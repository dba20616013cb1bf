import { randomBytes } from 'node:crypto';
import mysqlSession from 'express-mysql-session';
import session, { type Store } from 'express-session';
import type { RequestHandler } from 'express';
import type { Pool as CallbackPool, QueryResult } from 'mysql2';
import type { Pool } from 'mysql2/promise';
import type { DataSource } from 'typeorm';

export const SESSION_COOKIE = 'pelvo';
const DAYS_12H = 12 * 60 * 60 * 1000;

/** A secret of this installation, kept in the database so that every copy of the server signs alike. */
export async function sessionSecret(database: DataSource): Promise<string> {
  await database.query('INSERT IGNORE INTO setting (name, value) VALUES (?, ?)', ['session-secret', randomBytes(32).toString('hex')]);
  const rows: { value: string }[] = await database.query('SELECT value FROM setting WHERE name = ?', ['session-secret']);
  return rows[0]!.value;
}

/** Sessions that live in the database; the cookie is out of reach of scripts and of other sites. */
export function sessions(secret: string, pool: CallbackPool): { handler: RequestHandler; close: () => Promise<void> } {
  const MySqlStore = mysqlSession(session);
  const store = new MySqlStore(
    {
      createDatabaseTable: false,
      endConnectionOnClose: false,
      expiration: DAYS_12H,
      schema: { tableName: 'session', columnNames: { session_id: 'session_id', expires: 'expires', data: 'data' } },
    },
    promising(pool),
  );
  touchSometimes(store);
  const handler = session({
    name: SESSION_COOKIE,
    secret,
    store,
    resave: false,
    saveUninitialized: false,
    rolling: true,
    cookie: { httpOnly: true, sameSite: 'strict', secure: 'auto', maxAge: DAYS_12H, path: '/' },
  });
  return { handler, close: () => store.close() };
}

/**
 * The pool as the store wants it. mysql2's own promises note a stack for every statement, and each request begins with one: a
 * twentieth of what a touch of an assessor costs.
 */
const promising = (pool: CallbackPool): Pool =>
  ({
    query: (statement: string, values: unknown[]) =>
      new Promise((done, fail) => {
        pool.query<QueryResult>(statement, values, (error, rows, fields) => (error ? fail(error) : done([rows, fields])));
      }),
  }) as unknown as Pool;

const TOUCH_EVERY = 60_000;
const REMEMBERED = 10_000;

/** Prolongs a session once a minute instead of on every request: each prolonging is a write that waits for the disk. */
function touchSometimes(store: Store): void {
  const touched = new Map<string, number>();
  const touch = store.touch?.bind(store);
  store.touch = (id, data, done) => {
    const now = Date.now();
    if (now - (touched.get(id) ?? 0) < TOUCH_EVERY) {
      done?.();
      return;
    }
    if (touched.size >= REMEMBERED) touched.clear();
    touched.set(id, now);
    touch?.(id, data, done);
  };
}
