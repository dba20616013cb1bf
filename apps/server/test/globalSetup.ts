import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { build } from 'vite';
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

/** What runs in threads of its own is JavaScript, also where the rest is taken from its sources. */
async function buildWorker(): Promise<string> {
  const root = new URL('..', import.meta.url).pathname;
  const out = join(root, 'node_modules', '.pelvo-test', String(process.pid));
  await build({ root, configFile: join(root, 'vite.worker.config.ts'), logLevel: 'error', build: { outDir: out, sourcemap: false } });
  return join(out, 'worker.js');
}

/** A real MariaDB of the tests' own, gone when they end. */
export default async function setup(project: TestProject): Promise<() => Promise<void>> {
  const tools = new URL('../../../tools/lib/mariadb.mjs', import.meta.url).href;
  const { startDatabase } = (await import(tools)) as {
    startDatabase: (options: { dir: string; connections: number }) => Promise<Database>;
  };
  const dir = mkdtempSync(join(tmpdir(), 'pelvo-test-'));
  // Files share a process, and with it what the schools of earlier files still hold.
  const database = await startDatabase({ dir, connections: 2000 });
  project.provide('databaseUrl', database.url('pelvo'));
  const worker = await buildWorker();
  process.env.PELVO_WORKER = worker;
  return async () => {
    await database.stop();
    rmSync(dir, { recursive: true, force: true });
    rmSync(dirname(worker), { recursive: true, force: true });
  };
}
