// Every suite: types, lint, unit tests, server tests on a real MariaDB, end-to-end tests in Chromium. Ends with one line,
// `N passed, N failed`. `npm test -- unit server` runs only the suites named.
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ensureBuild } from './lib/build.mjs';
import { CHROMIUM, ensureDebianPackage, ensurePackages, MARIADB, ROOT, say } from './lib/setup.mjs';

ensurePackages();
const only = process.argv.slice(2);
const wanted = (suite) => only.length === 0 || only.includes(suite);
const scratch = mkdtempSync(join(tmpdir(), 'pelvo-suites-'));
const total = { passed: 0, failed: 0 };

function count(name, passed, failed) {
  total.passed += passed;
  total.failed += failed;
  say(`\n== ${name}: ${passed} passed, ${failed} failed`);
}

const bin = (name) => join(ROOT, 'node_modules', '.bin', name);

/** Runs a command and shows what it printed once it has ended, so that two suites at a time stay readable. */
function run(command, args, cwd) {
  return new Promise((done) => {
    const child = spawn(command, args, { cwd, stdio: ['ignore', 'pipe', 'pipe'] });
    const printed = [];
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => printed.push(chunk));
    child.once('close', (status) => {
      process.stdout.write(Buffer.concat(printed));
      done(status);
    });
  });
}

/** A suite that passes or fails as a whole. */
async function check(name, command, args) {
  const status = await run(command, args, ROOT);
  count(name, status === 0 ? 1 : 0, status === 0 ? 0 : 1);
}

async function vitest(name, cwd) {
  const report = join(scratch, `${name}.json`);
  const args = ['run', '--reporter=default', '--reporter=json', `--outputFile.json=${report}`];
  const status = await run(bin('vitest'), args, join(ROOT, cwd));
  if (!existsSync(report)) return count(name, 0, 1);
  const { numPassedTests, numFailedTests, numFailedTestSuites } = JSON.parse(readFileSync(report, 'utf8'));
  // A file that broke before its first test has no failed test of its own.
  const broken = numFailedTests === 0 && (status !== 0 || numFailedTestSuites > 0) ? 1 : 0;
  return count(name, numPassedTests, numFailedTests + broken);
}

/** Suites in turn, two at a time: the server's waits for its database while the others compute. */
async function inPairs(suites) {
  const next = suites[Symbol.iterator]();
  const worker = async () => {
    for (const suite of next) await suite();
  };
  await Promise.all([worker(), worker()]);
}

if (wanted('server')) ensureDebianPackage(MARIADB.program, MARIADB.name);
await inPairs([
  ...(wanted('server') ? [() => vitest('server', 'apps/server')] : []),
  ...(wanted('unit')
    ? [() => vitest('web', 'apps/web'), () => vitest('core', 'packages/core'), () => vitest('contract', 'packages/contract')]
    : []),
  ...(wanted('types')
    ? ['packages/core', 'packages/contract', 'apps/server', 'apps/web', 'e2e'].map(
        (project) => () => check(`types, ${project}`, bin('tsc'), ['--noEmit', '-p', project]),
      )
    : []),
  ...(wanted('lint') ? [() => check('lint', bin('eslint'), ['.', '--max-warnings', '0'])] : []),
]);
if (wanted('e2e')) await endToEnd();

/** Starts Pelvo as a user would, on a database of its own, and drives it with Chromium. */
async function endToEnd() {
  ensureDebianPackage(MARIADB.program, MARIADB.name);
  ensureDebianPackage(CHROMIUM.program, CHROMIUM.name);
  ensureBuild();
  const report = join(scratch, 'e2e.json');
  const start = spawn(process.execPath, [join(ROOT, 'tools', 'start.mjs'), '--demo', '--data', join(scratch, 'demo'), '--port', '0'], {
    stdio: ['ignore', 'pipe', 'inherit', 'ipc'],
  });
  const address = await new Promise((done) => {
    start.on('message', (message) => done(message.ready));
    start.once('exit', () => done(null));
  });
  if (address) {
    spawnSync(bin('playwright'), ['test'], {
      cwd: join(ROOT, 'e2e'),
      stdio: 'inherit',
      env: { ...process.env, PELVO_URL: address, PELVO_REPORT: report },
    });
  }
  const gone = new Promise((done) => start.once('exit', done));
  if (start.exitCode === null) {
    start.kill('SIGTERM');
    await gone;
  }
  if (!existsSync(report)) return count('end to end', 0, 1);
  const { stats, errors } = JSON.parse(readFileSync(report, 'utf8'));
  return count('end to end', stats.expected + stats.flaky, stats.unexpected + (errors.length > 0 && stats.unexpected === 0 ? 1 : 0));
}

rmSync(scratch, { recursive: true, force: true });
say(`\n${total.passed} passed, ${total.failed} failed`);
process.exit(total.failed > 0 || total.passed === 0 ? 1 : 0);
