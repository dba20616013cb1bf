// Every suite: types, lint, unit tests, server tests on a real MariaDB, end-to-end tests in Chromium. Ends with one line,
// `N passed, N failed`. `npm test -- unit server` runs only the suites named.
import { spawn } from 'node:child_process';
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
/** Names of what failed, said again at the end, where they are found. */
const failures = [];

function count(name, passed, failed) {
  total.passed += passed;
  total.failed += failed;
  say(`\n== ${name}: ${passed} passed, ${failed} failed`);
}

const bin = (name) => join(ROOT, 'node_modules', '.bin', name);
/** Runs a command and shows what it printed once it has ended, so that two suites at a time stay readable. */
function run(command, args, cwd, env = process.env) {
  return new Promise((done) => {
    const child = spawn(command, args, { cwd, env, stdio: ['ignore', 'pipe', 'pipe'] });
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
  if (status !== 0) failures.push(name);
  count(name, status === 0 ? 1 : 0, status === 0 ? 0 : 1);
}

/** @param files - all of the suite when left out */
async function vitest(name, cwd, files = []) {
  const report = join(scratch, `${name}.json`);
  rmSync(report, { force: true });
  const args = ['run', ...files, '--reporter=default', '--reporter=json', `--outputFile.json=${report}`];
  const status = await run(bin('vitest'), args, join(ROOT, cwd));
  if (!existsSync(report)) return { name, cwd, passed: 0, failed: 1, files: [], titles: [`${name}: it ended without a report`] };
  const { numPassedTests, numFailedTests, numFailedTestSuites, testResults } = JSON.parse(readFileSync(report, 'utf8'));
  const titles = testResults.flatMap(({ assertionResults }) =>
    assertionResults.filter((test) => test.status === 'failed').map(({ fullName }) => `${name}: ${fullName}`),
  );
  // A file that broke before its first test has no failed test of its own.
  const broken = numFailedTests === 0 && (status !== 0 || numFailedTestSuites > 0) ? 1 : 0;
  if (broken) titles.push(`${name}: a file broke before or after its tests`);
  return {
    name,
    cwd,
    passed: numPassedTests,
    failed: numFailedTests + broken,
    files: testResults.filter((file) => file.status === 'failed').map((file) => file.name),
    titles,
  };
}

/** Suites of which something failed while another suite kept the machine busy; their files are run once more, alone, and that counts. */
const again = [];

async function suite(name, cwd) {
  const result = await vitest(name, cwd);
  if (result.failed > 0 && result.files.length > 0) again.push(result);
  else failures.push(...result.titles);
  return count(name, result.passed, result.failed);
}

async function runAgain({ name, cwd, files, failed, titles }) {
  for (const title of titles) say(`Failed beside another suite, and run again alone: ${title}`);
  const alone = await vitest(name, cwd, files);
  failures.push(...alone.titles);
  const mended = Math.max(0, failed - alone.failed);
  total.failed -= mended;
  total.passed += mended;
  say(`\n== ${name}, again: ${alone.failed} failed`);
}

/** Suites in turn, three at a time, the longest first: they wait for their databases and their imports while the others compute. */
async function threeAtATime(suites) {
  const next = suites[Symbol.iterator]();
  const worker = async () => {
    for (const suite of next) await suite();
  };
  await Promise.all([worker(), worker(), worker()]);
}

if (wanted('server') || wanted('e2e')) ensureDebianPackage(MARIADB.program, MARIADB.name);
if (wanted('e2e')) {
  ensureDebianPackage(CHROMIUM.program, CHROMIUM.name);
  ensureBuild();
}
await threeAtATime([
  ...(wanted('server') ? [() => suite('server', 'apps/server')] : []),
  ...(wanted('unit') ? [() => suite('web', 'apps/web')] : []),
  ...(wanted('unit') ? [() => suite('core', 'packages/core')] : []),
  ...(wanted('lint') ? [() => check('lint', bin('oxlint'), [])] : []),
  ...(wanted('unit') ? [() => suite('contract', 'packages/contract')] : []),
  ...(wanted('types')
    ? ['packages', 'apps/server', 'apps/web', 'e2e'].map((project) => () => check(`types, ${project}`, bin('tsc'), ['--noEmit', '-p', project]))
    : []),
]);
for (const each of again) await runAgain(each);
// After the rest: a browser beside a suite that computes takes longer than one after the other. Three schools that are walked at once do
// not: each waits for its own browser, server and database most of the time.
if (wanted('e2e')) {
  const schools = await Promise.all(['one', 'two', 'three'].map((name) => startSchool(join(scratch, `e2e-${name}`))));
  if (schools.every(({ address }) => address)) await walkThrough(schools);
  else {
    failures.push('end to end: Pelvo did not start');
    count('end to end', 0, 1);
  }
  await Promise.all(schools.map(({ stop }) => stop()));
}

/** Starts Pelvo as a user would, on a database of its own. */
async function startSchool(own) {
  const start = spawn(process.execPath, [join(ROOT, 'tools', 'start.mjs'), '--demo', '--data', own, '--port', '0'], {
    stdio: ['ignore', 'pipe', 'inherit', 'ipc'],
  });
  const gone = new Promise((done) => start.once('exit', done));
  const ready = new Promise((done) => start.on('message', (message) => done(message.ready)));
  const address = await Promise.race([ready, gone.then(() => null)]);
  const stop = () => {
    if (start.exitCode === null) start.kill('SIGTERM');
    return gone;
  };
  return { address, stop };
}

/** Drives the schools with Chromium, each through a walk until none is left. */
async function walkThrough(schools) {
  const report = join(scratch, 'e2e.json');
  const env = { ...process.env, PELVO_URL: schools.map(({ address }) => address).join(' '), PELVO_REPORT: report };
  await run(bin('playwright'), ['test', `--output=${join(scratch, 'e2e')}`], join(ROOT, 'e2e'), env);
  if (!existsSync(report)) {
    failures.push('end to end: it ended without a report');
    return count('end to end', 0, 1);
  }
  const { stats, errors, suites } = JSON.parse(readFileSync(report, 'utf8'));
  failures.push(...failedSpecs(suites));
  const broken = errors.length > 0 && stats.unexpected === 0 ? 1 : 0;
  return count('end to end', stats.expected + stats.flaky, stats.unexpected + broken);
}

function failedSpecs(suites) {
  return suites.flatMap(({ specs = [], suites: inner = [] }) => [
    ...specs.filter(({ ok }) => !ok).map(({ file, title }) => `end to end: ${file}, ${title}`),
    ...failedSpecs(inner),
  ]);
}

rmSync(scratch, { recursive: true, force: true });
for (const failure of failures) say(`Failed: ${failure}`);
say(`\n${total.passed} passed, ${total.failed} failed`);
process.exit(total.failed > 0 || total.passed === 0 ? 1 : 0);
