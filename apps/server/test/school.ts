import { randomBytes } from 'node:crypto';
import type { AddressInfo } from 'node:net';
import { createConnection } from 'mysql2/promise';
import { DataSource } from 'typeorm';
import { inject } from 'vitest';
import type { NestExpressApplication } from '@nestjs/platform-express';
import type { Problem, Role } from '@pelvo/contract';
import { createApp } from '../src/app';
import { dataSourceOptions } from '../src/database';
import { addDemoSchool, DEMO_SIGN_INS } from '../src/demo/addDemoSchool';

export interface Answer<T = Record<string, unknown>> {
  readonly status: number;
  readonly body: T;
  readonly problem: Problem;
  readonly headers: Headers;
  readonly bytes: Buffer;
}

export interface CallOptions {
  readonly body?: unknown;
  readonly raw?: Buffer | string;
  readonly type?: string;
  readonly version?: number;
  readonly headers?: Record<string, string>;
}

export type Call = <T = Record<string, unknown>>(method: string, path: string, options?: CallOptions) => Promise<Answer<T>>;

/** A school with its own empty database and a running application. */
export interface School {
  readonly app: NestExpressApplication;
  /** Where it listens. */
  readonly base: string;
  readonly database: DataSource;
  /** Calls without being signed in. */
  readonly anyone: Call;
  /** A caller with a cookie jar of its own. */
  readonly visitor: () => Call;
  readonly as: (role: Role) => Promise<Call>;
  readonly close: () => Promise<void>;
}

export async function freshDatabase(): Promise<string> {
  const url = new URL(inject('databaseUrl'));
  const name = `pelvo_${randomBytes(6).toString('hex')}`;
  const connection = await createConnection(url.href);
  await connection.query(`CREATE DATABASE \`${name}\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci`);
  await connection.end();
  url.pathname = `/${name}`;
  return url.href;
}

/** The statements that make a demo school in an empty database: made once a process, as making it anew takes ten times as long. */
let demoSchool: Promise<readonly string[]> | undefined;

/** A database of its own with the demo school in it. */
export async function demoDatabase(): Promise<string> {
  demoSchool ??= demoStatements();
  const statements = await demoSchool;
  const url = await freshDatabase();
  const connection = await createConnection(url);
  for (const statement of statements) await connection.query(statement);
  await connection.end();
  return url;
}

async function demoStatements(): Promise<readonly string[]> {
  const url = await freshDatabase();
  const database = await new DataSource(dataSourceOptions(url)).initialize();
  await database.runMigrations();
  await addDemoSchool(database);
  const from = new URL(url).pathname.slice(1);
  await database.query('SET SESSION group_concat_max_len = 100000');
  const tables = await database.query<{ table: string; columns: string }[]>(
    `SELECT table_name AS 'table', GROUP_CONCAT('\`', column_name, '\`') AS columns FROM information_schema.columns
      WHERE table_schema = ? AND extra NOT LIKE '%GENERATED%' GROUP BY table_name`,
    [from],
  );
  const copied: string[] = [];
  for (const { table, columns } of tables) {
    const [{ 'Create Table': made }] = await database.query<[{ 'Create Table': string }]>(`SHOW CREATE TABLE \`${table}\``);
    copied.push(made, `INSERT INTO \`${table}\` (${columns}) SELECT ${columns} FROM \`${from}\`.\`${table}\``);
  }
  await database.destroy();
  return ['SET foreign_key_checks = 0', ...copied];
}

interface Opening {
  readonly demo?: boolean;
  /** The address of a database that is there already, instead of a fresh one. */
  readonly database?: string;
  /** As behind a proxy, which says where a request comes from. */
  readonly trustProxy?: boolean;
  /** Connections to the database. With two, those who hold one and ask for another wait for ever, and are found out. */
  readonly poolSize?: number;
  /** Where instruments of the pass are reached. */
  readonly instruments?: string;
}

export async function openSchool({ demo = false, database: there, trustProxy = false, poolSize, instruments }: Opening): Promise<School> {
  const databaseUrl = there ?? (await (demo ? demoDatabase() : freshDatabase()));
  const app = await createApp({ databaseUrl, logLevel: 'silent', trustProxy, poolSize, instruments });
  const database = app.get(DataSource);
  await app.listen(0, '127.0.0.1');
  const base = `http://127.0.0.1:${(app.getHttpServer().address() as AddressInfo).port}`;
  const signedIn = new Map<Role, Promise<Call>>();
  const as = (role: Role): Promise<Call> => {
    const known = signedIn.get(role);
    if (known) return known;
    const call = callerOf(base);
    const { signIn, password } = DEMO_SIGN_INS.find(({ kind }) => kind === role)!;
    const ready = call('POST', '/api/session', { body: { signIn, password } }).then(() => call);
    signedIn.set(role, ready);
    return ready;
  };
  return { app, base, database, anyone: callerOf(base), visitor: () => callerOf(base), as, close: () => app.close() };
}

export function callerOf(base: string): Call {
  const jar = new Map<string, string>();
  return async <T>(method: string, path: string, { body, raw, type, version, headers = {} }: CallOptions = {}) => {
    const response = await fetch(base + path, {
      method,
      headers: {
        ...(jar.size > 0 ? { cookie: [...jar].map(([name, value]) => `${name}=${value}`).join('; ') } : {}),
        ...(body !== undefined ? { 'content-type': 'application/json' } : {}),
        ...(type ? { 'content-type': type } : {}),
        ...(version !== undefined ? { 'if-match': `"${version}"` } : {}),
        ...headers,
      },
      body: (raw as BodyInit | undefined) ?? (body === undefined ? undefined : JSON.stringify(body)),
    });
    for (const set of response.headers.getSetCookie()) {
      const [name = '', value = ''] = set.split(';')[0]!.split('=');
      if (value) jar.set(name, value);
      else jar.delete(name);
    }
    const bytes = Buffer.from(await response.arrayBuffer());
    const parsed: unknown = /json/.test(response.headers.get('content-type') ?? '') && bytes.length > 0 ? JSON.parse(bytes.toString()) : {};
    return { status: response.status, body: parsed as T, problem: parsed as Problem, headers: response.headers, bytes };
  };
}
