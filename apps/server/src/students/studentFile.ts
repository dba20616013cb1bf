import type { EntityManager } from 'typeorm';
import { grouped, MARK_VALUE, markInWords, NEEDS } from '@pelvo/core';
import type { StudentFile } from '@pelvo/contract';
import { openStored } from '../platform/database/documentColumn';
import { notFound } from '../platform/problems';
import { rubricsOfEditions } from '../rubrics';

interface StudentOfFile {
  readonly name: string;
  readonly number: string;
  readonly class: string;
  readonly needs: unknown;
  readonly active: number;
}
interface SaidRow {
  readonly assessmentId: string;
  readonly lesson: string;
  readonly date: string;
  readonly dish: string;
  readonly dishEdition: number;
  readonly rubricEditionId: string;
  readonly told: string | null;
  readonly criterionKey: string | null;
  readonly assessor: string | null;
  readonly at: Date | null;
  readonly value: unknown;
  readonly agreed: number | null;
}

const MOST = 20_000;

/** Everything that is held on a student, in words: what they are shown when they ask for it. Nothing of anybody else but who judged. */
export async function studentFile(manager: EntityManager, id: string): Promise<StudentFile> {
  const ask = <T>(statement: string) => manager.query(`${statement} LIMIT ${MOST}`, [id]) as Promise<T[]>;
  const [student] = await ask<StudentOfFile>(
    'SELECT student.name, number, class.name AS class, needs, active FROM student JOIN class ON class.id = class_id WHERE student.id = ?',
  );
  if (!student) throw notFound('student');
  const accounts = await ask<{ signIn: string | null; createdAt: Date }>(
    'SELECT sign_in AS signIn, created_at AS createdAt FROM person WHERE student_id = ?',
  );
  const absences = await ask<{ date: string }>('SELECT date FROM absence WHERE student_id = ? ORDER BY date');
  const teams = await ask<{ lesson: string; date: string; team: string }>(
    `SELECT lesson.title AS lesson, lesson.date, team.name AS team FROM lesson_team_member member
     JOIN lesson_team team ON team.id = member.team_id JOIN lesson ON lesson.id = team.lesson_id
     WHERE member.student_id = ? ORDER BY lesson.date`,
  );
  const rows = await ask<SaidRow>(
    `SELECT a.id AS assessmentId, lesson.title AS lesson, lesson.date, edition.title AS dish, edition.number AS dishEdition,
       a.rubric_edition_id AS rubricEditionId, a.told, m.criterion_key AS criterionKey, person.name AS assessor, event.happened_at AS at, m.value, m.agreed
     FROM assessment a JOIN lesson ON lesson.id = a.lesson_id JOIN dish_edition edition ON edition.id = a.dish_edition_id
     LEFT JOIN mark m ON m.assessment_id = a.id LEFT JOIN person ON person.id = m.assessor_id
     LEFT JOIN lesson_event event ON event.lesson_id = a.lesson_id AND event.number = m.number
     WHERE a.student_id = ? ORDER BY lesson.date, edition.title, m.number`,
  );
  const changes = await ask<{ at: string; why: string; assessmentId: string }>(
    'SELECT record.at, record.why, assessment_id AS assessmentId FROM told_record record JOIN assessment ON assessment.id = assessment_id WHERE student_id = ? ORDER BY record.number',
  );
  const photos = await ask<{ lesson: string; date: string; dish: string; takenAt: Date; by: string; image: Buffer }>(
    `SELECT lesson.title AS lesson, lesson.date, edition.title AS dish, photo.taken_at AS takenAt, person.name AS \`by\`, image.image
     FROM plate_photo photo JOIN plate_photo_image image ON image.photo_id = photo.id JOIN lesson ON lesson.id = photo.lesson_id
     JOIN dish_edition edition ON edition.id = photo.dish_edition_id JOIN person ON person.id = photo.person_id
     WHERE photo.student_id = ? ORDER BY photo.taken_at`,
  );
  const rubrics = new Map(
    (await rubricsOfEditions(manager, [...new Set(rows.map(({ rubricEditionId }) => rubricEditionId))])).map((each) => [
      each.editionId,
      each,
    ]),
  );
  return {
    format: 'pelvo-student-file',
    version: 1,
    written: new Date().toISOString(),
    student: { ...student, needs: openStored(NEEDS, student.needs), active: Boolean(student.active) },
    accounts: accounts.map(({ signIn, createdAt }) => ({ signIn, createdAt: createdAt.toISOString() })),
    absences: absences.map(({ date }) => date),
    teams,
    photos: photos.map(({ takenAt, image, ...photo }) => ({ ...photo, takenAt: takenAt.toISOString(), jpeg: image.toString('base64') })),
    dishes: [...grouped(rows, ({ assessmentId }) => assessmentId)].map(([assessmentId, own]) => {
      const [{ lesson, date, dish, dishEdition, rubricEditionId, told }] = own as [SaidRow];
      const rubric = rubrics.get(rubricEditionId)!;
      return {
        lesson,
        date,
        dish,
        dishEdition,
        rubric: rubric.content.name,
        rubricEdition: rubric.number,
        told,
        judgements: own.flatMap(({ criterionKey, assessor, at, value, agreed }) => {
          const criterion = rubric.content.criteria.find(({ key }) => key === criterionKey);
          const seen = criterion ? openStored(MARK_VALUE, value).value : null;
          if (!criterion || !seen) return [];
          const [said, means] = markInWords(criterion, seen);
          const faults =
            seen.kind === 'notSeen' ? [] : criterion.faults.filter(({ key }) => seen.faults.includes(key)).map(({ see }) => see);
          return [
            { criterion: criterion.name, said, means, faults, by: assessor ?? '', at: at?.toISOString() ?? null, agreed: Boolean(agreed) },
          ];
        }),
        givenOut: changes.filter((change) => change.assessmentId === assessmentId).map(({ at, why }) => ({ at, why })),
      };
    }),
  };
}
