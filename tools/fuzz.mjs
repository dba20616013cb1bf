// Makes up far more hostile input than the tests do: `npm run fuzz`, or `npm run fuzz -- 100` for a hundred times as much.
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { ensureDebianPackage, ensurePackages, MARIADB, ROOT } from './lib/setup.mjs';

ensurePackages();
ensureDebianPackage(MARIADB.program, MARIADB.name);
const [runs = '20'] = process.argv.slice(2);
let failed = 0;
for (const [cwd, file] of [
  ['packages/core', 'test/hostile.test.ts'],
  ['apps/server', 'test/hostile.test.ts'],
]) {
  const { status } = spawnSync(join(ROOT, 'node_modules', '.bin', 'vitest'), ['run', file, '--testTimeout=1800000'], {
    cwd: join(ROOT, cwd),
    stdio: 'inherit',
    env: { ...process.env, FUZZ_RUNS: runs },
  });
  failed ||= status ?? 1;
}
process.exit(failed);
