import { fork, spawnSync, type ChildProcess } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
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
  const launcher = fork(START, ['--demo', '--data', data], { silent: true, env: { ...process.env, PORT: '0' } });
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

test('whatever is killed while tablets post, no server is left and the next start has all that was confirmed', async ({ request }) => {
  test.setTimeout(180_000);
  const data = mkdtempSync(join(tmpdir(), 'pelvo-start-'));
  try {
    const first = await start(data);
    const pid = databasePid(data);
    await request.post(`${first.address}/api/session`, { data: { signIn: 'teo.vasz', password: PASSWORD } });
    const lessons = (await (await request.get(`${first.address}/api/lessons`)).json()) as { id: string; title: string }[];
    const lesson = lessons.find(({ title }) => title.startsWith('Dough and ribbons'))!.id;
    const sheet = (await (await request.get(`${first.address}/api/lessons/${lesson}/marking-sheet`)).json()) as {
      students: { id: string }[];
      dishes: { editionId: string }[];
      rubric: { content: { criteria: { key: string; kind: string }[] } };
    };
    const criterionKey = sheet.rubric.content.criteria.find(({ kind }) => kind === 'levels')!.key;
    const confirmed: string[] = [];
    let posting = true;
    const tablet = async (student: string) => {
      for (let level = 0; posting; level += 1) {
        const event = {
          id: crypto.randomUUID(),
          kind: 'mark',
          at: new Date().toISOString(),
          body: {
            studentId: student,
            dishEditionId: sheet.dishes[0]!.editionId,
            criterionKey,
            value: { kind: 'level', level: (level % 4) + 1, faults: [] },
          },
        };
        const answer = await request.post(`${first.address}/api/lessons/${lesson}/events`, { data: { events: [event] } }).catch(() => null);
        if (answer?.ok()) confirmed.push(event.id);
        else await new Promise((done) => setTimeout(done, 20));
      }
    };
    const tablets = sheet.students.slice(0, 6).map(({ id }) => tablet(id));
    await expect.poll(() => confirmed.length).toBeGreaterThan(20);
    first.launcher.kill('SIGKILL');
    await ended(first.launcher);
    const answers = () =>
      request.get(`${first.address}/api/session`).then(
        () => true,
        () => false,
      );
    await expect.poll(answers, { timeout: 15_000 }).toBe(false);
    posting = false;
    await Promise.all(tablets);

    const second = await start(data);
    expect(runs(pid) && pid !== databasePid(data)).toBe(false);
    await request.post(`${second.address}/api/session`, { data: { signIn: 'teo.vasz', password: PASSWORD } });
    const stored = new Set<string>();
    for (let after = 0, more = true; more;) {
      const page = (await (await request.get(`${second.address}/api/lessons/${lesson}/events?after=${after}`)).json()) as {
        events: { id: string; number: number }[];
      };
      page.events.forEach(({ id }) => stored.add(id));
      more = page.events.length > 0;
      after = page.events.at(-1)?.number ?? after;
    }
    expect(confirmed.filter((id) => !stored.has(id))).toEqual([]);
    await addClass(request, second.address, 'Before the database was killed');
    process.kill(databasePid(data), 'SIGKILL');
    await ended(second.launcher);

    const third = await start(data);
    expect(await classes(request, third.address)).toContain('Before the database was killed');
    const other = fork(START, ['--demo', '--data', data], { silent: true });
    await ended(other);
    expect(other.exitCode).toBe(1);
    const last = databasePid(data);
    third.launcher.kill('SIGINT');
    await ended(third.launcher);
    expect(third.launcher.exitCode).toBe(0);
    expect(runs(last)).toBe(false);
  } finally {
    rmSync(data, { recursive: true, force: true });
  }
});

test('a port that is none is refused before anything is started, by its name', () => {
  const data = mkdtempSync(join(tmpdir(), 'pelvo-port-'));
  try {
    for (const port of ['http', '70000', '-1', '43.5']) {
      const told = spawnSync(process.execPath, [START, '--data', data], { env: { ...process.env, PORT: port }, encoding: 'utf8' });
      expect(told.status).toBe(1);
      expect(`${told.stdout}${told.stderr}`).toContain(`"${port}" is no port. Name one from 1 to 65535`);
    }
  } finally {
    rmSync(data, { recursive: true, force: true });
  }
});

test('a folder that cannot hold a school is refused in words, and nothing in it is touched', () => {
  const own = mkdtempSync(join(tmpdir(), 'pelvo-folder-'));
  const file = join(own, 'letter.txt');
  writeFileSync(file, 'mine');
  const told = (...args: string[]) => {
    const { status, stdout, stderr } = spawnSync(process.execPath, [START, ...args], { env: process.env, encoding: 'utf8' });
    return [status, `${stdout}${stderr}`.includes('    at '), `${stdout}${stderr}`] as const;
  };
  try {
    for (const [args, words] of [
      [['--data', ''], 'names no folder'],
      [['--data', file], 'is a file'],
      [['--data', join(file, 'deeper')], 'cannot write there'],
      [['--data', own, '--fresh'], 'something in it that is not Pelvo’s'],
    ] as const) {
      const [status, hasStack, said] = told(...args);
      expect([status, hasStack]).toEqual([1, false]);
      expect(said).toContain(words);
    }
    expect(readFileSync(file, 'utf8')).toBe('mine');
  } finally {
    rmSync(own, { recursive: true, force: true });
  }
});
