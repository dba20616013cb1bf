import { spawn } from 'node:child_process';
import { createServer, type AddressInfo } from 'node:net';
import { fileURLToPath } from 'node:url';
import { DataSource } from 'typeorm';
import { dataSourceOptions } from '../src/database';
import { callerOf, freshDatabase, type Call } from '../test/school';

const MAIN = fileURLToPath(new URL('../dist/main.js', import.meta.url));

export interface RunningSchool {
  readonly base: string;
  readonly database: DataSource;
  readonly signedIn: (signIn: string) => Promise<Call>;
  readonly close: () => Promise<void>;
}

/** A demo school in a process of its own, built, as it runs in a school. */
export async function runSchool(): Promise<RunningSchool> {
  const url = await freshDatabase();
  const port = await freePort();
  const child = spawn(process.execPath, [MAIN], {
    env: { ...process.env, DATABASE_URL: url, PORT: String(port), PELVO_DEMO: '1', PELVO_WORKER: '' },
    stdio: ['ignore', 'ignore', 'inherit', 'ipc'],
  });
  const gone = new Promise<void>((done) => child.once('exit', () => done()));
  await Promise.race([
    new Promise((done) => child.once('message', done)),
    gone.then(() => Promise.reject(new Error('The server did not start.'))),
  ]);
  const base = `http://127.0.0.1:${port}`;
  const database = await new DataSource(dataSourceOptions(url)).initialize();
  return {
    base,
    database,
    signedIn: async (signIn) => {
      const call = callerOf(base);
      await call('POST', '/api/session', { body: { signIn, password: 'demo-kitchen' } });
      return call;
    },
    close: async () => {
      await database.destroy();
      child.kill('SIGTERM');
      await gone;
    },
  };
}

function freePort(): Promise<number> {
  return new Promise((done) => {
    const server = createServer().listen(0, '127.0.0.1', () => {
      const { port } = server.address() as AddressInfo;
      server.close(() => done(port));
    });
  });
}
