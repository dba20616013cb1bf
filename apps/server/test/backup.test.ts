import { mkdtempSync, readFileSync, rmSync, truncateSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Health } from '@pelvo/contract';
import { backup, restore } from '../../../tools/lib/backup.mjs';
import { createApp } from '../src/app';
import { demoDatabase, freshDatabase, openSchool, type School } from './school';

describe('a backup', () => {
  const dir = mkdtempSync(join(tmpdir(), 'pelvo-backup-'));
  const file = join(dir, 'school.sql.gz');
  let url: string;
  let school: School;
  beforeAll(async () => {
    url = await demoDatabase();
    school = await openSchool({ database: url });
  });
  afterAll(async () => {
    await school.close();
    rmSync(dir, { recursive: true });
  });

  /** Every row of every table that is the school's. */
  const all = async (database = school.database) => {
    const tables = (await database.query('SHOW TABLES')) as Record<string, string>[];
    const rows: Record<string, unknown> = {};
    for (const name of tables.flatMap((row) => Object.values(row)).filter((each) => !['session', 'setting'].includes(each)))
      rows[name] = await database.query(`CHECKSUM TABLE \`${name}\``);
    rows.setting = await database.query("SELECT * FROM setting WHERE name <> 'last-backup' ORDER BY name");
    return JSON.stringify(rows).replaceAll(/"Table":"[^"]*"/g, '');
  };

  it('of a running school brings all of it back, and keeps what was there', async () => {
    const before = await all();
    const made = await backup(url, file);
    expect(made.tables).toBeGreaterThan(25);
    await school.database.query("UPDATE lesson SET title = 'Spoilt'");
    await school.database.query('DELETE FROM mark');
    expect(await all()).not.toBe(before);
    const { kept } = await restore(url, file);
    expect(await all()).toBe(before);
    const [{ title }] = (await school.database.query(`SELECT title FROM \`${kept}\`.lesson LIMIT 1`)) as [{ title: string }];
    expect(title).toBe('Spoilt');
    expect((await school.anyone<Health>('GET', '/api/health')).body.checks.backup).toBe('good');
    // The server that was running meanwhile goes on with it.
    expect((await (await school.as('lead'))('GET', '/api/lessons')).status).toBe(200);
  });

  it('is put back while people go on working, and nobody is told anything but to sign in again or to wait', async () => {
    await backup(url, file);
    const lead = await school.as('lead');
    const [{ id }] = (await lead<{ id: string }[]>('GET', '/api/lessons')).body as [{ id: string }];
    const answers = new Set<number>();
    let stop = false;
    const busy = Promise.all(
      ['/api/lessons', '/api/dishes', `/api/lessons/${id}/order`, '/api/classes', `/api/lessons/${id}/results`].map(async (path) => {
        while (!stop) answers.add((await lead('GET', path)).status);
      }),
    );
    for (let times = 0; times < 3; times += 1) await restore(url, file);
    stop = true;
    await busy;
    expect([...answers].filter((status) => ![200, 401, 503].includes(status))).toEqual([]);
    expect(answers.has(200)).toBe(true);
    expect(
      (await school.visitor()('POST', '/api/session', { body: { signIn: 'maren.oltz', password: 'demo-kitchen' } })).status,
    ).toBeLessThan(300);
  });

  it('that breaks off, or is something else, changes nothing', async () => {
    const before = await all();
    const broken = join(dir, 'broken.sql.gz');
    writeFileSync(broken, readFileSync(file));
    truncateSync(broken, 20_000);
    await expect(restore(url, broken)).rejects.toThrow(/cannot be read as a backup|breaks off/);
    writeFileSync(broken, gzipSync('CREATE TABLE other (id INT);\n'));
    await expect(restore(url, broken)).rejects.toThrow(/breaks off/);
    writeFileSync(broken, 'not compressed at all');
    await expect(restore(url, broken)).rejects.toThrow(/cannot be read as a backup/);
    await expect(restore(url, join(dir, 'none.sql.gz'))).rejects.toThrow(/There is no file/);
    expect(await all()).toBe(before);
  });

  it('of an earlier version is brought up to date when Pelvo starts', async () => {
    const other = await freshDatabase();
    const app = await createApp({ databaseUrl: other, logLevel: 'silent' });
    await app.close();
    // The school as it was before the map had a column of its own.
    const { DataSource } = await import('typeorm');
    const { dataSourceOptions } = await import('../src/database');
    const older = await new DataSource(dataSourceOptions(other)).initialize();
    await older.undoLastMigration();
    const old = join(dir, 'old.sql.gz');
    await backup(other, old);
    await older.destroy();
    const target = await freshDatabase();
    await restore(target, old);
    const again = await createApp({ databaseUrl: target, logLevel: 'silent' });
    const columns = (await again.get(DataSource).query("SHOW COLUMNS FROM dish_edition LIKE 'technique_ids'")) as object[];
    expect(columns).toHaveLength(1);
    await again.close();
  });
});
