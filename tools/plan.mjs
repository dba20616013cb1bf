// Makes a plan for a planning problem: `npm run --silent plan -- FILE [--seconds N] [--seed N]` prints it as JSON (docs/formats/plan.md).
import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync, readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { ROOT } from './lib/setup.mjs';

const args = process.argv.slice(2);
const valueOf = (name) => {
  const at = args.indexOf(name);
  return at < 0 ? null : args.splice(at, 2)[1];
};
const giveUp = (message) => {
  process.stderr.write(`${message}\n`);
  process.exit(1);
};
const seconds = valueOf('--seconds');
const seed = valueOf('--seed') ?? '1';
const [file, ...more] = args;
if (!file || more.length > 0) giveUp('Which file? npm run --silent plan -- FILE [--seconds N] [--seed N]');
if (seconds !== null && !(Number(seconds) > 0)) giveUp('--seconds: give a number above 0.');
if (!/^\d{1,9}$/.test(seed)) giveUp('--seed: give a whole number.');

const { path, fresh } = await bundled();
const { solveInstance } = await import(pathToFileURL(path).href);
const began = fresh ? performance.now() : 0;
let text;
try {
  text = readFileSync(file, 'utf8');
} catch (error) {
  giveUp(`${file}: it cannot be read (${error.code}).`);
}
let given;
try {
  given = JSON.parse(text);
} catch (error) {
  giveUp(`${file}: it is not JSON (${error.message}).`);
}
const answer = solveInstance(given, {
  seconds: seconds === null ? null : Number(seconds),
  seed: Number(seed),
  // From the start of the process, so that what it took to begin counts too; bundling the solver is not part of it.
  clock: () => performance.now() - began,
});
if (answer.kind === 'refused')
  giveUp(answer.problems.map(({ field, problem, remedy }) => `${field || file}: ${problem} ${remedy}`).join('\n'));
process.stdout.write(`${JSON.stringify(answer.plan)}\n`);

/** The solver as one file, bundled anew when a source is younger. */
async function bundled() {
  const out = join(ROOT, 'node_modules', '.cache', 'pelvo-plan', 'plan.js');
  const source = join(ROOT, 'packages', 'core', 'src', 'schedule');
  const newest = (dir) =>
    readdirSync(dir, { withFileTypes: true }).reduce((latest, entry) => {
      const path = join(dir, entry.name);
      return Math.max(latest, entry.isDirectory() ? newest(path) : statSync(path).mtimeMs);
    }, 0);
  if (existsSync(out) && statSync(out).mtimeMs > newest(source)) return { path: out, fresh: false };
  // What is said on the way goes where it does not mix with the plan.
  if (!existsSync(join(ROOT, 'node_modules', 'vite')))
    spawnSync('npm', ['ci', '--no-audit', '--no-fund'], { cwd: ROOT, stdio: ['ignore', 2, 2] });
  const { build } = await import('vite');
  await build({
    configFile: false,
    logLevel: 'error',
    build: {
      ssr: join(source, 'solveInstance.ts'),
      outDir: join(out, '..'),
      emptyOutDir: true,
      rolldownOptions: { output: { entryFileNames: 'plan.js' } },
    },
    ssr: { noExternal: true },
  });
  return { path: out, fresh: true };
}
