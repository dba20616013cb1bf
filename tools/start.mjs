// Starts Pelvo: `npm start`, or `npm run demo` with the demo school. Options: --demo, --fresh, --port N (or PORT), --data DIR, --https.
import { fork } from 'node:child_process';
import {
  accessSync,
  constants,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { ensureBuild } from './lib/build.mjs';
import { startDatabase, stopDatabase } from './lib/mariadb.mjs';
import { freePort } from './lib/net.mjs';
import { ensureDebianPackage, ensurePackages, giveUp, MARIADB, ROOT, say } from './lib/setup.mjs';

const { values: options } = parseArgs({
  options: {
    demo: { type: 'boolean' },
    fresh: { type: 'boolean' },
    port: { type: 'string' },
    data: { type: 'string' },
    https: { type: 'boolean' },
  },
});
if (options.data?.trim() === '') giveUp('--data names no folder. Name one with --data DIR, or leave it out.');
const dir = resolve(options.data ?? join(ROOT, '.pelvo', options.demo ? 'demo' : 'live'));
const runFile = join(dir, 'run.json');
const wantedPort = options.port ?? process.env.PORT;
if (wantedPort !== undefined && !(Number.isInteger(Number(wantedPort)) && Number(wantedPort) >= 0 && Number(wantedPort) <= 65_535))
  giveUp(`"${wantedPort}" is no port. Name one from 1 to 65535 with --port N or PORT, or 0 for any that is free.`);

if (existsSync(dir) && !statSync(dir).isDirectory())
  giveUp(`${dir} is a file, and Pelvo keeps its data in a folder. Name another with --data DIR.`);

/** All that Pelvo puts into its folder. */
const OURS = ['mariadb', 'run.json', 'run.json.new', 'tls'];

/** What an earlier start wrote down; null where there was none, or where it was broken off while it wrote. */
function written() {
  try {
    return JSON.parse(readFileSync(runFile, 'utf8'));
  } catch {
    return null;
  }
}

/** Writes down what runs here, all at once: who reads it meanwhile sees what stood there before, or all of it. */
function write(run) {
  writeFileSync(`${runFile}.new`, JSON.stringify(run));
  renameSync(`${runFile}.new`, runFile);
}

/** What another start on the same data wrote down, if it still runs. */
function running() {
  const run = written();
  try {
    const command = readFileSync(`/proc/${run?.pid}/cmdline`, 'utf8');
    return command.includes('start.mjs') ? run : null;
  } catch {
    return null;
  }
}

const other = running();
if (other)
  giveUp(
    `Pelvo runs on this data already, at ${other.address ?? 'an address it is about to print'} (process ${other.pid}). End that one first.`,
  );

ensurePackages();
const ownDatabase = !process.env.DATABASE_URL;
if (ownDatabase) ensureDebianPackage(MARIADB.program, MARIADB.name);
if (options.fresh) {
  if (!ownDatabase) giveUp('--fresh only starts Pelvo’s own database over. Unset DATABASE_URL, or empty that database yourself.');
  // Never clears a folder away that holds something else.
  const isOurs = !existsSync(dir) || readdirSync(dir).every((name) => OURS.includes(name));
  if (!isOurs) giveUp(`--fresh clears ${dir} away, and there is something in it that is not Pelvo’s. Name another folder with --data DIR.`);
  await stopDatabase(join(dir, 'mariadb'));
  rmSync(dir, { recursive: true, force: true });
}
try {
  // Level by level: where no folder can be made, as under /proc, Node's own recursion never ends.
  const missing = [];
  for (let at = dir; !existsSync(at); at = dirname(at)) missing.unshift(at);
  for (const at of missing) mkdirSync(at, { mode: 0o700 });
  accessSync(dir, constants.W_OK);
} catch (error) {
  giveUp(
    `Pelvo keeps its data in ${dir}, and cannot write there (${error.code}). Make the folder writable, or name another with --data DIR.`,
  );
}
const lastPort = written()?.port ?? 4300;
write({ pid: process.pid, port: lastPort });
ensureBuild();

const database = ownDatabase ? await startDatabase({ dir: join(dir, 'mariadb') }).catch((error) => giveUp(error.message)) : null;
// Any port: the server takes one itself. One that was looked for here could be taken meanwhile, by its own connections even.
const port = Number(wantedPort) === 0 ? 0 : await freePort(wantedPort === undefined ? lastPort : Number(wantedPort));
let servedAt = port;
// A school without a bridge to real instruments tries them with those that are simulated.
const instruments =
  options.demo && process.env.PELVO_INSTRUMENTS === undefined ? fork(join(ROOT, 'tools', 'instruments.mjs'), ['--port', '0']) : null;
const measuredAt = instruments
  ? await new Promise((done) => {
      instruments.once('message', ({ ready }) => done(ready));
      instruments.once('exit', () => done(undefined));
    })
  : process.env.PELVO_INSTRUMENTS;
// Tablets and phones on the network reach it over HTTPS; without it only this machine does.
const tls = options.https ? await import('./lib/certificate.mjs').then(({ ownCertificate }) => ownCertificate(join(dir, 'tls'))) : null;
const server = fork(join(ROOT, 'apps', 'server', 'dist', 'main.js'), {
  cwd: ROOT,
  env: {
    ...process.env,
    NODE_ENV: 'production',
    DATABASE_URL: database ? database.url('pelvo') : process.env.DATABASE_URL,
    PORT: String(port),
    PELVO_WEB: join(ROOT, 'apps', 'web', 'dist'),
    ...(database ? { PELVO_DATA: dir } : {}),
    PELVO_DEMO: options.demo ? '1' : '0',
    ...(measuredAt ? { PELVO_INSTRUMENTS: measuredAt } : {}),
    ...(tls ? { PELVO_TLS_KEY: tls.key, PELVO_TLS_CERT: tls.cert, HOST: process.env.HOST ?? '0.0.0.0' } : {}),
  },
});
server.on('message', (message) => {
  if (!message?.ready) return;
  servedAt = message.port;
  write({ pid: process.pid, port: servedAt, address: message.ready });
  if (tls)
    console.log(
      `Its certificate is its own: each device asks once whether to trust it. Compare what it shows with\n  ${tls.fingerprint}\n`,
    );
  process.send?.(message);
});

let ending = false;
async function end(code) {
  if (ending) return;
  ending = true;
  if (server.exitCode === null && server.signalCode === null) {
    const gone = new Promise((done) => server.once('exit', done));
    server.kill('SIGTERM');
    await Promise.race([gone, new Promise((done) => setTimeout(done, 10_000))]);
    if (server.exitCode === null && server.signalCode === null) server.kill('SIGKILL');
  }
  instruments?.kill('SIGTERM');
  await database?.stop();
  write({ port: servedAt || lastPort });
  process.exit(code);
}

process.on('SIGINT', () => void end(0));
process.on('SIGTERM', () => void end(0));
process.on('disconnect', () => void end(0));
server.once('exit', (code) => {
  if (!ending) say(`The server ended (code ${code}). Nothing that was saved is lost; start Pelvo again.`);
  void end(code ?? 1);
});
void database?.exited.then(() => {
  if (!ending) say('The database ended unexpectedly. Nothing that was saved is lost; start Pelvo again.');
  void end(1);
});
