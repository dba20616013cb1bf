import { In, type DataSource, type EntityManager } from 'typeorm';
import type { Retention } from '@pelvo/core';
import { OVERDUE_AT_ONCE, type Overdue } from '@pelvo/contract';
import { Student } from '../classes';
import { PlatePhotoRow } from '../photos';
import { inTransaction } from '../platform/database/transaction';
import { loadSchool } from '../school';
import { ERASED, eraseNamed } from './eraseStudent';

const PHOTOS = 'SELECT id FROM plate_photo WHERE taken_at < DATE_SUB(UTC_TIMESTAMP(), INTERVAL ? MONTH) LIMIT ?';

/** Who has left and was last in a lesson so long ago; nobody of whom no lesson is known, since nobody knows when they left. */
const LEFT = `SELECT s.id FROM student s
  JOIN (
    SELECT student_id, MAX(date) AS last FROM (
      SELECT a.student_id, l.date FROM assessment a JOIN lesson l ON l.id = a.lesson_id
      UNION ALL SELECT m.student_id, l.date FROM lesson_team_member m JOIN lesson_team t ON t.id = m.team_id JOIN lesson l ON l.id = t.lesson_id
      UNION ALL SELECT student_id, date FROM absence
    ) seen GROUP BY student_id
  ) seen ON seen.student_id = s.id
  WHERE NOT s.active AND s.name NOT LIKE '${ERASED} %' AND seen.last < DATE_SUB(UTC_DATE(), INTERVAL ? MONTH) LIMIT ?`;

const idsOf = async (manager: EntityManager, statement: string, months: number | null): Promise<readonly string[]> =>
  months === null ? [] : ((await manager.query(statement, [months, OVERDUE_AT_ONCE])) as { id: string }[]).map(({ id }) => id);

/** What would go now, were it kept so long; at most as much as goes at once. */
export async function overdue(manager: EntityManager, retention: Retention): Promise<Overdue> {
  const [photos, left] = await Promise.all([idsOf(manager, PHOTOS, retention.photos), idsOf(manager, LEFT, retention.left)]);
  return { photos: photos.length, left: left.length };
}

/** Takes away what the school no longer keeps. Two servers that do so at the same moment take each thing away once. */
export async function applyRetention(database: DataSource): Promise<Overdue> {
  const { retention } = (await loadSchool(database.manager)).settings;
  const photos = await idsOf(database.manager, PHOTOS, retention.photos);
  const gone =
    photos.length === 0
      ? 0
      : await inTransaction(database, async (manager) => (await manager.delete(PlatePhotoRow, { id: In([...photos]) })).affected ?? 0);
  // One by one: each is held, and looked at once more, before the name goes.
  let erased = 0;
  for (const id of await idsOf(database.manager, LEFT, retention.left))
    erased += await inTransaction(database, async (manager) => {
      const student = await manager.findOne(Student, { where: { id }, lock: { mode: 'pessimistic_write' } });
      if (!student || student.active || student.name.startsWith(ERASED)) return 0;
      await eraseNamed(manager, id);
      return 1;
    });
  return { photos: gone, left: erased };
}
