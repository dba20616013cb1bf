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

/** A suite that passes or fails as a whole. */
function check(name, command, args, cwd = ROOT) {
  const { status } = spawnSync(command, args, { cwd, stdio: 'inherit' });
  count(name, status === 0 ? 1 : 0, status === 0 ? 0 : 1);
}

const bin = (name) => join(ROOT, 'node_modules', '.bin', name);

if (wanted('types'))
  for (const project of ['packages/core', 'packages/contract', 'apps/server', 'apps/web', 'e2e'])
    check(`types, ${project}`, bin('tsc'), ['--noEmit', '-p', project]);
if (wanted('lint')) check('lint', bin('eslint'), ['.', '--max-warnings', '0']);

function vitest(name, cwd) {
  const report = join(scratch, `${name}.json`);
  const { status } = spawnSync(bin('vitest'), ['run', '--reporter=default', '--reporter=json', `--outputFile.json=${report}`], {
    cwd: join(ROOT, cwd),
    stdio: 'inherit',
  });
  if (!existsSync(report)) return count(name, 0, 1);
  const { numPassedTests, numFailedTests, numFailedTestSuites } = JSON.parse(readFileSync(report, 'utf8'));
  // A file that broke before its first test has no failed test of its own.
  const broken = numFailedTests === 0 && (status !== 0 || numFailedTestSuites > 0) ? 1 : 0;
  return count(name, numPassedTests, numFailedTests + broken);
}

if (wanted('unit')) vitest('core', 'packages/core');
if (wanted('unit')) vitest('contract', 'packages/contract');
if (wanted('unit')) vitest('web', 'apps/web');
if (wanted('server')) {
  ensureDebianPackage(MARIADB.program, MARIADB.name);
  vitest('server', 'apps/server');
}
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
