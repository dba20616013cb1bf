// For developers: the demo school with hot reload of web and server. The address printed by Vite is the one to open.
import { fork, spawn } from 'node:child_process';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { startDatabase } from './lib/mariadb.mjs';
import { freePort, wait } from './lib/net.mjs';
import { ensureDebianPackage, ensurePackages, MARIADB, ROOT } from './lib/setup.mjs';

ensurePackages();
ensureDebianPackage(MARIADB.program, MARIADB.name);
const database = await startDatabase({ dir: join(ROOT, '.pelvo', 'dev', 'mariadb') });
const port = await freePort(4400);
const vite = join(ROOT, 'node_modules', 'vite', 'bin', 'vite.js');
const built = join(ROOT, 'apps', 'server', 'dist', 'main.js');
const env = {
  ...process.env,
  DATABASE_URL: database.url('pelvo'),
  PORT: String(port),
  PELVO_DEMO: '1',
  PELVO_API: `http://127.0.0.1:${port}`,
};

const children = [[], ['--config', 'vite.worker.config.ts']].map((more) =>
  fork(vite, ['build', '--watch', ...more], { cwd: join(ROOT, 'apps', 'server'), env }),
);
for (let tries = 0; !existsSync(built) && tries < 300; tries += 1) await wait(100);
children.push(spawn(process.execPath, ['--watch', built], { cwd: ROOT, env, stdio: 'inherit' }));
children.push(fork(vite, ['--host', '127.0.0.1'], { cwd: join(ROOT, 'apps', 'web'), env }));

async function end() {
  for (const child of children) child.kill('SIGTERM');
  await database.stop();
  process.exit(0);
}
process.on('SIGINT', () => void end());
process.on('SIGTERM', () => void end());
