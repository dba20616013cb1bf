import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { giveUp, ROOT, say } from './setup.mjs';

const SOURCES = [
  'packages/core/src',
  'packages/contract/src',
  'apps/server/src',
  'tools/lib/record.mjs',
  'apps/web/src',
  'apps/web/public',
  'apps/web/index.html',
  'apps/web/vite.config.ts',
  'apps/server/vite.config.ts',
  'apps/server/vite.worker.config.ts',
  'package-lock.json',
];

const BUILDS = [['apps/web'], ['apps/server'], ['apps/server', '--config', 'vite.worker.config.ts']];

function fingerprint() {
  const hash = createHash('sha256');
  const add = (path) => {
    const stat = statSync(path);
    if (stat.isDirectory()) for (const name of readdirSync(path).sort()) add(join(path, name));
    else hash.update(`${path}\0`).update(readFileSync(path));
  };
  for (const source of SOURCES) if (existsSync(join(ROOT, source))) add(join(ROOT, source));
  return hash.digest('hex');
}

/** Builds web and server when their sources have changed since the last build. */
export function ensureBuild() {
  const stamp = join(ROOT, 'apps', 'server', 'dist', 'built-from');
  const now = fingerprint();
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === now && existsSync(join(ROOT, 'apps', 'web', 'dist', 'index.html'))) return;
  say('Building …');
  for (const [app, ...more] of BUILDS) {
    const { status, stdout, stderr } = spawnSync(
      process.execPath,
      [join(ROOT, 'node_modules', 'vite', 'bin', 'vite.js'), 'build', '--logLevel', 'warn', ...more],
      { cwd: join(ROOT, app), encoding: 'utf8' },
    );
    if (status !== 0) giveUp(`Building ${app} failed:\n${stdout}\n${stderr}`);
  }
  writeFileSync(stamp, now);
}
