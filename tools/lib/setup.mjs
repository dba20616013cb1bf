// What a fresh machine lacks is installed here. Node's own modules only: nothing of npm is there yet.
import { execFileSync, spawnSync } from 'node:child_process';
import { existsSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = join(dirname(fileURLToPath(import.meta.url)), '..', '..');

/** @param {string} message */
export function say(message) {
  console.log(message);
}

/** Ends with a message for a person, without a stack. @param {string} message @returns {never} */
export function giveUp(message) {
  console.error(`\n${message}\n`);
  process.exit(1);
}

/** Installs the npm packages of the lock file when they are missing or older than it. */
export function ensurePackages() {
  const [major = 0, minor = 0] = process.versions.node.split('.').map(Number);
  if (major < 20 || (major === 20 && minor < 19)) giveUp(`Pelvo needs Node 20.19 or later; this is ${process.versions.node}.`);
  const installed = join(ROOT, 'node_modules', '.package-lock.json');
  const wanted = join(ROOT, 'package-lock.json');
  if (existsSync(installed) && statSync(installed).mtimeMs >= statSync(wanted).mtimeMs) return;
  say('Installing npm packages …');
  const { status } = spawnSync('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], { cwd: ROOT, stdio: 'inherit' });
  if (status !== 0) giveUp('The npm packages could not be installed. Check the network, then run the command again.');
}

/**
 * Installs a Debian package when its program is missing: as root, or through sudo where that asks nothing.
 *
 * @param {string} program - full path of a program of the package
 * @param {string} name - the package
 */
export function ensureDebianPackage(program, name) {
  if (existsSync(program)) return;
  const line = `apt-get update && apt-get install -y --no-install-recommends ${name}`;
  const asRoot = process.getuid?.() === 0;
  const sudo = !asRoot && spawnSync('sudo', ['-n', 'true'], { stdio: 'ignore' }).status === 0;
  if (!existsSync('/usr/bin/apt-get') || (!asRoot && !sudo)) {
    giveUp(`Pelvo needs ${name}, which is not installed. Run this line, then start again:\n\n  sudo sh -c '${line}'`);
  }
  say(`Installing ${name} …`);
  try {
    const command = asRoot ? ['sh', '-c', line] : ['sudo', '-n', 'sh', '-c', line];
    execFileSync(command[0], command.slice(1), {
      stdio: ['ignore', 'ignore', 'inherit'],
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    });
  } catch {
    giveUp(`${name} could not be installed. Run this line by hand, then start again:\n\n  sudo sh -c '${line}'`);
  }
}

export const MARIADB = { program: '/usr/sbin/mariadbd', name: 'mariadb-server' };
export const CHROMIUM = { program: '/usr/bin/chromium', name: 'chromium' };
