import { execFile } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { DataSource } from 'typeorm';
import { describe, expect, it } from 'vitest';
import { linesOf } from '@pelvo/core';
import { addDemoSchool } from '../src/demo/addDemoSchool';
import { dataSourceOptions } from '../src/database';
import { Dish } from '../src/dishes';
import { Technique } from '../src/techniques';
import { demoDatabase, freshDatabase } from './school';

const tables = async (database: DataSource) =>
  ((await database.query('SHOW TABLES')) as Record<string, string>[])
    .map((row) => Object.values(row)[0]!)
    .filter((name) => name !== 'migrations');

/** Makes a database of its own in a folder and starts it, in a process of its own, as the start command does. */
const MADE = `
import { startDatabase } from ${JSON.stringify(new URL('../../../tools/lib/mariadb.mjs', import.meta.url).href)};
await (await startDatabase({ dir: process.argv[1], connections: 5 })).stop();
`;

it('is made beside others at the same moment, none of which it disturbs', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'pelvo-beside-'));
  const each = ['a', 'b', 'c', 'd'].map((name) =>
    promisify(execFile)(process.execPath, ['--input-type=module', '-e', MADE, join(folder, name)]),
  );
  const made = await Promise.allSettled(each);
  rmSync(folder, { recursive: true, force: true });
  expect(made.flatMap((one) => (one.status === 'rejected' ? [String(one.reason)] : []))).toEqual([]);
});

describe('the schema', () => {
  it('goes up, down and up again on the demo school', async () => {
    const database = await new DataSource(dataSourceOptions(await freshDatabase())).initialize();
    await database.runMigrations();
    await addDemoSchool(database);
    const first = await tables(database);
    for (const _ of database.migrations) await database.undoLastMigration();
    expect(await tables(database)).toEqual([]);
    await database.runMigrations();
    await addDemoSchool(database);
    expect(await tables(database)).toEqual(first);
    await database.destroy();
  });

  it('matches the entities', async () => {
    const database = await new DataSource(dataSourceOptions(await freshDatabase())).initialize();
    await database.runMigrations();
    for (const entity of database.entityMetadatas) {
      const columns = (await database.query(`SHOW COLUMNS FROM \`${entity.tableName}\``)) as { Field: string; Null: string }[];
      expect(columns.map((column) => column.Field).sort()).toEqual(
        [...new Set(entity.columns.map((column) => column.databaseName))].sort(),
      );
      for (const column of entity.columns)
        expect([column.databaseName, columns.find(({ Field }) => Field === column.databaseName)!.Null]).toEqual([
          column.databaseName,
          column.isNullable ? 'YES' : 'NO',
        ]);
    }
    await database.destroy();
  });

  it('keeps a lesson from ending before it starts, whoever asks', async () => {
    const database = await new DataSource(dataSourceOptions(await demoDatabase())).initialize();
    await expect(database.query("UPDATE lesson SET end = '01:00'")).rejects.toThrow(/lesson_times/);
    await expect(database.query('DELETE FROM dish_edition')).rejects.toThrow(/foreign key/);
    await database.destroy();
  });
});

describe('the demo school', () => {
  it('has complete cards and dishes in all strands, read without doubt but for one line left to settle', async () => {
    const database = await new DataSource(dataSourceOptions(await demoDatabase())).initialize();
    expect(await addDemoSchool(database)).toBeNull();
    const dishes = await database.manager.find(Dish);
    const techniques = await database.manager.find(Technique);
    expect(dishes.length).toBeGreaterThanOrEqual(9);
    expect(techniques.length).toBeGreaterThanOrEqual(12);
    for (const { card } of techniques) {
      expect(
        Math.min(card.steps.length, card.criticalPoints.length, card.cues.length, card.faults.length, card.cautions.length),
        card.name,
      ).toBeGreaterThan(0);
    }
    const strandOf = new Map(techniques.map((technique) => [technique.id, technique.strand]));
    const strands = new Set(
      dishes.flatMap((dish) => dish.content.method.flatMap((step) => step.techniqueIds.map((id) => strandOf.get(id)))),
    );
    expect([...strands].sort()).toEqual(['cooking', 'knife', 'plating']);
    const open = dishes.flatMap((dish) =>
      linesOf(dish.content)
        .filter((line) => line.certainty !== 'sure')
        .map((line) => line.written),
    );
    expect(open).toEqual(['some orange peel']);
    expect(dishes.filter((dish) => linesOf(dish.content).some((line) => line.preparationEditionId)).length).toBeGreaterThanOrEqual(2);
    await database.destroy();
  });
});
