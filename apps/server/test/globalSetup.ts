import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { TestProject } from 'vitest/node';

interface Database {
  readonly url: (database: string) => string;
  readonly stop: () => Promise<void>;
}

declare module 'vitest' {
  interface ProvidedContext {
    databaseUrl: string;
  }
}

/** A real MariaDB of the tests' own, gone when they end. */
export default async function setup(project: TestProject): Promise<() => Promise<void>> {
  const tools = new URL('../../../tools/lib/mariadb.mjs', import.meta.url).href;
  const { startDatabase } = (await import(tools)) as { startDatabase: (options: { dir: string }) => Promise<Database> };
  const dir = mkdtempSync(join(tmpdir(), 'pelvo-test-'));
  const database = await startDatabase({ dir });
  project.provide('databaseUrl', database.url('pelvo'));
  return async () => {
    await database.stop();
    rmSync(dir, { recursive: true, force: true });
  };
}
