// Copies of a whole school by MariaDB's own tools.
import { spawn } from 'node:child_process';
import { createReadStream, createWriteStream, existsSync, renameSync, rmSync, statSync } from 'node:fs';
import { Transform, Writable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { createGunzip, createGzip } from 'node:zlib';

/** How a tool of MariaDB's reaches a database: the password goes by the environment, where other people's `ps` does not show it. */
function reach(url) {
  const { hostname, port, username, password, pathname } = new URL(url);
  return {
    args: ['--no-defaults', `--host=${hostname}`, `--port=${port || 3306}`, `--user=${decodeURIComponent(username)}`, '--protocol=tcp'],
    env: { ...process.env, MYSQL_PWD: decodeURIComponent(password) },
    name: decodeURIComponent(pathname.slice(1)),
  };
}

/** A tool that runs, and its end. */
function run(program, args, env) {
  const child = spawn(program, args, { env, stdio: ['pipe', 'pipe', 'pipe'] });
  let said = '';
  child.stderr.on('data', (chunk) => (said += chunk));
  const end = new Promise((done, fail) => {
    child.once('error', fail);
    child.once('exit', (code) =>
      code === 0 ? done() : fail(new Error(`${program} failed: ${/^ERROR .*$/m.exec(said)?.[0].slice(0, 120) ?? `code ${code}`}`)),
    );
  });
  // Its end is awaited after what it writes has been read.
  end.catch(() => undefined);
  return { child, end };
}

async function ask(url, sql) {
  const { args, env } = reach(url);
  const { child, end } = run('mariadb', [...args, '--batch', '--skip-column-names', `--execute=${sql}`], env);
  let out = '';
  child.stdout.on('data', (chunk) => (out += chunk));
  await end;
  return out.split('\n').filter(Boolean);
}

const tablesOf = (url, name) =>
  ask(url, `SELECT table_name FROM information_schema.tables WHERE table_schema = '${name}' ORDER BY table_name`);

/** Keeps the last bytes that pass: a dump says at its end that it is whole. */
function tail(length) {
  let last = Buffer.alloc(0);
  const through = new Transform({
    transform(chunk, _encoding, done) {
      last = Buffer.concat([last, chunk]).subarray(-length);
      done(null, chunk);
    },
  });
  return { through, text: () => last.toString() };
}

const WHOLE = /-- Dump completed/;

/** @throws when a file is no backup, or not all of one */
async function checkWhole(file) {
  const { through, text } = tail(200);
  try {
    await pipeline(createReadStream(file), createGunzip(), through, new Writable({ write: (_chunk, _encoding, done) => done() }));
  } catch (error) {
    throw new Error(`${file} cannot be read as a backup: ${error.message}`, { cause: error });
  }
  if (!WHOLE.test(text())) throw new Error(`${file} breaks off before its end. Nothing was changed.`);
}

/** A lead is told when the last copy was made. */
const noteBackup = (url, name, at) =>
  ask(url, `REPLACE INTO \`${name}\`.setting (name, value) VALUES ('last-backup', '${at.toISOString()}')`);

/** Writes a school into a compressed file, as it is at one moment; a file of that name is replaced only by a whole one. */
export async function backup(url, file) {
  const { args, env, name } = reach(url);
  const part = `${file}.part`;
  const { child, end } = run('mariadb-dump', [...args, '--single-transaction', '--quick', '--hex-blob', '--skip-lock-tables', name], env);
  const { through, text } = tail(200);
  try {
    await pipeline(child.stdout, through, createGzip(), createWriteStream(part, { mode: 0o600 }));
    await end;
    if (!WHOLE.test(text())) throw new Error('The copy broke off. Nothing was replaced.');
    renameSync(part, file);
    await noteBackup(url, name, new Date());
  } finally {
    rmSync(part, { force: true });
  }
  return { tables: (await tablesOf(url, name)).length, bytes: statSync(file).size };
}

/**
 * Puts a school in the place of the one that is there, all at once: until all of it has been read, nothing is changed. What
 * was there before is kept beside it.
 */
export async function restore(url, file) {
  if (!existsSync(file)) throw new Error(`There is no file ${file}.`);
  await checkWhole(file);
  const { args, env, name } = reach(url);
  const [fresh, kept] = [`${name}_restoring`, `${name}_before_restore`];
  const create = (database) => `CREATE DATABASE \`${database}\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;`;
  await ask(url, `DROP DATABASE IF EXISTS \`${fresh}\`; ${create(fresh)}`);
  const { child, end } = run('mariadb', [...args, fresh], env);
  try {
    await pipeline(createReadStream(file), createGunzip(), child.stdin);
    await end;
    const tables = await tablesOf(url, fresh);
    if (!tables.includes('lesson') || !tables.includes('person')) throw new Error(`${file} is no backup of a school. Nothing was changed.`);
    const there = await tablesOf(url, name);
    await ask(url, `DROP DATABASE IF EXISTS \`${kept}\`; ${create(kept)}`);
    // One statement, and so one moment for whoever is using it.
    const moves = [
      ...there.map((table) => `\`${name}\`.\`${table}\` TO \`${kept}\`.\`${table}\``),
      ...tables.map((table) => `\`${fresh}\`.\`${table}\` TO \`${name}\`.\`${table}\``),
    ];
    await ask(url, `RENAME TABLE ${moves.join(', ')}`);
    // The copy that was read is one there is, though it was made before it could be noted in itself.
    await noteBackup(url, name, statSync(file).mtime);
    return { tables: tables.length, kept };
  } finally {
    await ask(url, `DROP DATABASE IF EXISTS \`${fresh}\``);
  }
}
