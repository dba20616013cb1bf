// Copies a school into a file, or brings it back from one: `npm run backup -- FILE`, `npm run restore -- FILE`, running or not.
// Options: --demo for the demo school, --data DIR; DATABASE_URL for a MariaDB of one's own.
import { join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { backup, restore } from './lib/backup.mjs';
import { databaseRuns, startDatabase } from './lib/mariadb.mjs';
import { ensureDebianPackage, giveUp, MARIADB, ROOT } from './lib/setup.mjs';

const { values: options, positionals } = parseArgs({
  options: { demo: { type: 'boolean' }, data: { type: 'string' } },
  allowPositionals: true,
});
const [what, name] = positionals;
if (!name) giveUp(`Name the file: npm run ${what} -- school.sql.gz`);
const file = resolve(process.env.INIT_CWD ?? '.', name);
ensureDebianPackage(MARIADB.program, MARIADB.name);
const dir = join(resolve(options.data ?? join(ROOT, '.pelvo', options.demo ? 'demo' : 'live')), 'mariadb');
const own = !process.env.DATABASE_URL;
const ran = own && databaseRuns(dir);
const database = own ? await startDatabase({ dir }).catch((error) => giveUp(error.message)) : null;
const url = database ? database.url('pelvo') : process.env.DATABASE_URL;
try {
  if (what === 'backup') {
    const { tables, bytes } = await backup(url, file);
    console.log(
      `${tables} tables are in ${file}, ${Math.ceil(bytes / 1000)} kB. It holds names, needs and marks: keep it where they may be.`,
    );
  } else {
    const { tables, kept } = await restore(url, file);
    console.log(`${tables} tables are back from ${file}. What was there before is kept in the database "${kept}" until the next restore.`);
    console.log('Start Pelvo again, so that a backup of an earlier version is brought up to date.');
  }
} catch (error) {
  process.exitCode = 1;
  console.error(`\n${error.message}\n`);
} finally {
  if (database && !ran) await database.stop();
}
// A database that was running before is watched for as long as this process lives.
process.exit(process.exitCode ?? 0);
