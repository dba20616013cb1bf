// Checks the record of what students were told: `npm run check-record`. Says the first entry at which it no longer holds, or that all of
// it does, with the hash of its end, which can be noted elsewhere. Options: --demo, --data DIR; DATABASE_URL for a MariaDB of one's own.
import { join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { createConnection } from 'mysql2/promise';
import { databaseRuns, startDatabase } from './lib/mariadb.mjs';
import { brokenAt, BEGINNING } from './lib/record.mjs';
import { ensureDebianPackage, ensurePackages, giveUp, MARIADB, ROOT } from './lib/setup.mjs';

ensurePackages();
const { values: options } = parseArgs({ options: { demo: { type: 'boolean' }, data: { type: 'string' } } });
const own = !process.env.DATABASE_URL;
if (own) ensureDebianPackage(MARIADB.program, MARIADB.name);
const dir = join(resolve(options.data ?? join(ROOT, '.pelvo', options.demo ? 'demo' : 'live')), 'mariadb');
const ran = own && databaseRuns(dir);
const database = own ? await startDatabase({ dir }).catch((error) => giveUp(error.message)) : null;
const connection = await createConnection(database ? database.url('pelvo') : process.env.DATABASE_URL).catch((error) =>
  giveUp(error.message),
);
try {
  const [rows] = await connection.query(
    'SELECT number, lesson_id AS lessonId, assessment_id AS assessmentId, person_id AS personId, at, why, before_told AS `before`, after_told AS `after`, previous, hash FROM told_record ORDER BY number',
  );
  const broken = brokenAt(rows);
  const told = new Map(rows.map(({ assessmentId, after }) => [assessmentId, after]));
  const [released] = await connection.query('SELECT id, released FROM assessment WHERE released IS NOT NULL');
  // The chain cannot show that its end was cut off, but what students see then has no entry that says so.
  const marksIn = (document) => JSON.stringify(typeof document === 'string' ? JSON.parse(document) : document);
  const hasMarks = (document) => Object.keys((typeof document === 'string' ? JSON.parse(document) : document).content.marks).length > 0;
  const untold = released.filter(({ id, released: now }) => {
    const last = told.get(id);
    return last !== undefined && hasMarks(now) && (last === null || marksIn(last) !== marksIn(now));
  });
  if (broken) {
    process.exitCode = 1;
    console.error(
      `\nThe record does not hold: entry ${broken.number} of ${rows.length}. ${broken.why}\nCompare it with a backup from before.\n`,
    );
  } else if (untold.length > 0) {
    process.exitCode = 1;
    console.error(`\n${untold.length} results are not what the record says students were told, beginning with ${untold[0].id}.\n`);
  } else console.log(`${rows.length} entries hold together. The last one is ${rows.at(-1)?.hash ?? BEGINNING}.`);
} finally {
  await connection.end();
  if (database && !ran) await database.stop();
}
process.exit(process.exitCode ?? 0);
