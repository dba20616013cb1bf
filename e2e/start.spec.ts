import { fork, type ChildProcess } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test, type APIRequestContext } from '@playwright/test';
import { PASSWORD } from './school';

const START = join(import.meta.dirname, '..', 'tools', 'start.mjs');

interface Running {
  readonly launcher: ChildProcess;
  readonly address: string;
}

/** Starts Pelvo on a data directory and waits until it answers. */
function start(data: string): Promise<Running> {
  const launcher = fork(START, ['--demo', '--data', data, '--port', '0'], { silent: true });
  return new Promise((done, fail) => {
    launcher.on('message', (message: { ready: string }) => done({ launcher, address: message.ready }));
    launcher.once('exit', (code) => fail(new Error(`Pelvo ended with ${code}`)));
  });
}

const ended = (launcher: ChildProcess) =>
  launcher.exitCode !== null || launcher.signalCode ? Promise.resolve() : new Promise<void>((done) => launcher.once('exit', () => done()));
const databasePid = (data: string) => Number(readFileSync(join(data, 'mariadb', 'mariadbd.pid'), 'utf8'));
/** Whether a process runs. One that has ended and only waits to be collected (state Z or X) does not. */
const runs = (pid: number) => {
  try {
    return !/^State:\s+[ZX]/m.test(readFileSync(`/proc/${pid}/status`, 'utf8'));
  } catch {
    return false;
  }
};

async function addClass(request: APIRequestContext, address: string, name: string): Promise<void> {
  await request.post(`${address}/api/session`, { data: { signIn: 'maren.oltz', password: PASSWORD } });
  expect((await request.post(`${address}/api/classes`, { data: { name, term: '' } })).status()).toBe(201);
}

const classes = async (request: APIRequestContext, address: string) => {
  await request.post(`${address}/api/session`, { data: { signIn: 'maren.oltz', password: PASSWORD } });
  return ((await (await request.get(`${address}/api/classes`)).json()) as { name: string }[]).map(({ name }) => name);
};

test('whatever is killed, the next start recovers with nothing lost', async ({ request }) => {
  test.setTimeout(120_000);
  const data = mkdtempSync(join(tmpdir(), 'pelvo-start-'));
  try {
    const first = await start(data);
    await addClass(request, first.address, 'Before the launcher was killed');
    first.launcher.kill('SIGKILL');
    await ended(first.launcher);

    const second = await start(data);
    expect(await classes(request, second.address)).toContain('Before the launcher was killed');
    await addClass(request, second.address, 'Before the database was killed');
    process.kill(databasePid(data), 'SIGKILL');
    await ended(second.launcher);

    const third = await start(data);
    expect(await classes(request, third.address)).toEqual(
      expect.arrayContaining(['Before the launcher was killed', 'Before the database was killed']),
    );
    const other = fork(START, ['--demo', '--data', data], { silent: true });
    await ended(other);
    expect(other.exitCode).toBe(1);
    const pid = databasePid(data);
    third.launcher.kill('SIGINT');
    await ended(third.launcher);
    expect(third.launcher.exitCode).toBe(0);
    expect(runs(pid)).toBe(false);
  } finally {
    rmSync(data, { recursive: true, force: true });
  }
});
