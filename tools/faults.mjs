// Breaks things while marks are given, and counts: `npm run faults`, or `npm run faults -- kills database frozen disk cluster`.
// Everything it breaks is its own: a database and copies of the server in a temporary folder.
import { spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { inCluster } from './faults/cluster.mjs';
import { startCopy } from './faults/copies.mjs';
import { countMarks, report } from './faults/count.mjs';
import { ask, sheetsOf, signIn, startTablets } from './faults/tablets.mjs';
import { ensureBuild } from './lib/build.mjs';
import { startDatabase } from './lib/mariadb.mjs';
import { wait } from './lib/net.mjs';
import { ensureDebianPackage, ensurePackages, MARIADB } from './lib/setup.mjs';

ensurePackages();
ensureDebianPackage(MARIADB.program, MARIADB.name);
ensureBuild();

const TABLETS = 8;
const asked = process.argv.slice(2);
const dir = mkdtempSync(join(tmpdir(), 'pelvo-faults-'));
const endings = [];
let failed = 0;

/** A demo school with two copies of the server, and tablets that mark in it. */
async function school(name, at = join(dir, name)) {
  mkdirSync(at, { recursive: true });
  const state = { database: await startDatabase({ dir: at }), at };
  endings.push(() => state.database.stop());
  const url = state.database.url('pelvo');
  const copies = [await startCopy(url, { demo: true, dataDir: at })];
  copies.push(await startCopy(url, { dataDir: at }));
  for (const copy of copies) endings.push(() => copy.kill());
  const [{ base }] = copies;
  const people = [await signIn(base, 'maren.oltz'), await signIn(base, 'teo.vasz')];
  const sheets = await sheetsOf(base, people[0]);
  const tablets = startTablets({ bases: copies.map((copy) => copy.base), people, sheets, count: TABLETS });
  return Object.assign(state, { url, copies, people, tablets });
}

async function finish(what, { url, copies, tablets, database }, more) {
  await tablets.stop();
  if (!report(what, await countMarks(url, tablets.confirmed), tablets.refused, more)) failed += 1;
  for (const copy of copies) await copy.stop();
  await database.stop();
}

/** Waits until marks are confirmed again. */
async function goesOn({ tablets }, seconds = 30) {
  const before = tablets.confirmed.size;
  for (let tenths = 0; tablets.confirmed.size < before + TABLETS; tenths += 1) {
    if (tenths > seconds * 10) throw new Error('Marks are not taken any more.');
    await wait(100);
  }
}

const SCENARIOS = {
  /** Copies of the server killed one after the other, as by a power cut. */
  async kills() {
    const run = await school('kills');
    const KILLS = 24;
    for (let kill = 0; kill < KILLS; kill += 1) {
      await wait(200 + Math.random() * 600);
      const copy = run.copies[kill % 2];
      await copy.kill();
      await copy.start();
    }
    await goesOn(run);
    await finish('Servers killed', run, `${KILLS} kills`);
  },
  /** The database killed, and gone for a while. */
  async database() {
    const run = await school('database');
    const KILLS = 6;
    for (let kill = 0; kill < KILLS; kill += 1) {
      await goesOn(run);
      process.kill(run.database.pid, 'SIGKILL');
      await run.database.exited;
      if (kill % 2) await wait(2000);
      run.database = await startDatabase({ dir: run.at });
    }
    await goesOn(run);
    await finish('Database killed', run, `${KILLS} kills`);
  },
  /** The database stopped where it stands: whoever asks has an answer in time, and nothing is half done. */
  async frozen() {
    const run = await school('frozen');
    const answers = [];
    for (let time = 0; time < 3; time += 1) {
      await goesOn(run);
      process.kill(run.database.pid, 'SIGSTOP');
      const begun = Date.now();
      answers.push((await fetch(`${run.copies[0].base}/api/health`).catch(() => ({ status: 0 }))).status);
      await wait(Math.max(0, 5000 - (Date.now() - begun)));
      process.kill(run.database.pid, 'SIGCONT');
    }
    await goesOn(run);
    await finish('Database frozen', run, `health said ${[...new Set(answers)].join(', ')} meanwhile`);
    if (answers.some((status) => status !== 503)) failed += 1;
  },
  /** The disk full. Needs the right to mount a small disk in memory. */
  async disk() {
    const at = join(dir, 'disk');
    mkdirSync(at);
    const mounted = spawnSync('mount', ['-t', 'tmpfs', '-o', 'size=330m', 'none', at], { encoding: 'utf8' });
    if (mounted.status !== 0) {
      console.log('Disk full: not tried, since no small disk can be mounted here (it needs root).');
      return;
    }
    endings.push(() => spawnSync('umount', [at]));
    const run = await school('disk', at);
    await goesOn(run);
    const filler = join(at, 'filler');
    spawnSync('dd', ['if=/dev/zero', `of=${filler}`, 'bs=64k'], { stdio: 'ignore' });
    const [before, tries] = [run.tablets.confirmed.size, run.tablets.tries()];
    let health = null;
    for (let tenths = 0; tenths < 600; tenths += 1) {
      await wait(100);
      health = await ask(run.copies[0].base, '/api/health');
      if (run.tablets.tries() - tries > (run.tablets.confirmed.size - before) * 1.5 + 200) break;
    }
    const whileFull = run.tablets.confirmed.size - before;
    rmSync(filler);
    // With no room for its redo log MariaDB ends itself, and the launcher with it; whoever made room starts again.
    const ended = await Promise.race([run.database.exited.then(() => true), wait(1000).then(() => false)]);
    if (ended) run.database = await startDatabase({ dir: at });
    await goesOn(run, 60);
    await finish(
      'Disk full',
      run,
      `${whileFull} confirmed while it was full${ended ? ', until MariaDB ended itself' : ''}; health said ${health.status}, disk ${health.body?.checks.disk}`,
    );
    if (health.status !== 503) failed += 1;
  },
  async cluster() {
    failed += await inCluster(join(dir, 'cluster'), endings);
  },
};

const names = asked.length > 0 ? asked : Object.keys(SCENARIOS).filter((name) => name !== 'cluster');
try {
  for (const name of names) {
    if (!SCENARIOS[name]) throw new Error(`There is no fault "${name}". Choose of: ${Object.keys(SCENARIOS).join(', ')}.`);
    await SCENARIOS[name]();
  }
} catch (error) {
  failed += 1;
  console.error(error);
} finally {
  for (const end of endings.reverse()) await Promise.resolve(end()).catch(() => undefined);
  rmSync(dir, { recursive: true, force: true });
}
console.log(failed === 0 ? 'Nothing confirmed was lost, nothing was doubled.' : `${failed} of the runs failed.`);
process.exit(failed === 0 ? 0 : 1);
