// Figures the work asks for: `npm run bench`, or `npm run bench -- reading scaling plans edits skill map search school pages`. Times are medians on this machine.
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { ensureBuild } from './lib/build.mjs';
import { ensureDebianPackage, ensurePackages, MARIADB, ROOT } from './lib/setup.mjs';

ensurePackages();
const { build } = await import('vite');
ensureDebianPackage(MARIADB.program, MARIADB.name);
const only = process.argv.slice(2);
const suites = [
  ['reading', 'packages/core', 'bench/reading.bench.ts'],
  ['scaling', 'packages/core', 'bench/scaling.bench.ts'],
  ['plans', 'packages/core', 'bench/plans.bench.ts'],
  ['edits', 'packages/core', 'bench/edits.bench.ts'],
  ['skill', 'packages/core', 'bench/skill.bench.ts'],
  ['map', 'apps/web', 'bench/map.bench.ts'],
  ['search', 'apps/server', 'bench/search.bench.ts'],
  ['school', 'apps/server', 'bench/school.bench.ts'],
];
// Figures of the core are those of the code that runs, not of tests.
await build({
  configFile: false,
  logLevel: 'error',
  build: {
    ssr: join(ROOT, 'packages', 'core', 'src', 'index.ts'),
    outDir: join(ROOT, 'node_modules', '.cache', 'pelvo-bench'),
    emptyOutDir: true,
    rolldownOptions: { output: { entryFileNames: 'core.js' } },
  },
  ssr: { noExternal: true },
});
ensureBuild();
let failed = 0;
for (const [name, cwd, file] of suites) {
  if (only.length > 0 && !only.includes(name)) continue;
  const { status } = spawnSync(
    join(ROOT, 'node_modules', '.bin', 'vitest'),
    ['run', '--config', 'vitest.bench.config.ts', file, '--reporter=dot', '--disable-console-intercept'],
    { cwd: join(ROOT, cwd), stdio: 'inherit' },
  );
  failed ||= status ?? 1;
}
if (only.length === 0 || only.includes('pages'))
  failed ||= spawnSync(process.execPath, [join(ROOT, 'tools', 'bench', 'pages.mjs')], { stdio: 'inherit' }).status ?? 1;
process.exit(failed);
