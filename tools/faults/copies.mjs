// Copies of the server, as processes that can be killed.
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { freePort } from '../lib/net.mjs';
import { ROOT } from '../lib/setup.mjs';

/** A copy of the server on a database. It can be killed and started again on the same port. */
export async function startCopy(url, { demo = false, dataDir } = {}) {
  const port = await freePort(0);
  const copy = { base: `http://127.0.0.1:${port}`, child: null, start, kill, stop };
  async function start() {
    const child = spawn(process.execPath, [join(ROOT, 'apps', 'server', 'dist', 'main.js')], {
      cwd: ROOT,
      env: {
        ...process.env,
        DATABASE_URL: url,
        PORT: String(port),
        PELVO_DEMO: demo ? '1' : '0',
        PELVO_LOG: 'fatal',
        PELVO_TRUST_PROXY: '1',
        ...(dataDir ? { PELVO_DATA: dataDir } : {}),
      },
      stdio: ['ignore', 'ignore', 'inherit', 'ipc'],
    });
    copy.child = child;
    const gone = new Promise((_, fail) => child.once('exit', (code) => fail(new Error(`A copy ended as it started (code ${code}).`))));
    gone.catch(() => undefined);
    await Promise.race([new Promise((done) => child.once('message', done)), gone]);
  }
  function ended() {
    const { child } = copy;
    return child.exitCode !== null || child.signalCode !== null ? Promise.resolve() : new Promise((done) => child.once('exit', done));
  }
  async function kill() {
    const gone = ended();
    copy.child.kill('SIGKILL');
    await gone;
  }
  async function stop() {
    const gone = ended();
    copy.child.kill('SIGTERM');
    await gone;
  }
  await start();
  return copy;
}
