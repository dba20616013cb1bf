import type { EntityManager } from 'typeorm';
import type { RosterOfClass } from '@pelvo/core';
import { notFound } from '../platform/problems';

/** More than a class cooks in a year. */
const MOST = 20_000;

interface ToldRow {
  readonly id: string;
  readonly studentId: string;
  readonly lessonId: string;
  readonly dishEditionId: string;
  readonly told: string;
  readonly title: string;
  readonly lesson: string;
  readonly date: string;
}

/** A class as it goes to a gradebook elsewhere: names, and results as they were told. @throws ProblemException when there is no such class */
export async function rosterOfClass(manager: EntityManager, id: string): Promise<RosterOfClass> {
  const ask = <T>(statement: string) => manager.query(`${statement} LIMIT ${MOST}`, [id]) as Promise<T[]>;
  const [own] = await ask<{ id: string; name: string; term: string }>('SELECT id, name, term FROM class WHERE id = ?');
  if (!own) throw notFound('class');
  const [[span], students, teachers, told] = await Promise.all([
    ask<{ begins: string | null; ends: string | null }>('SELECT MIN(date) AS begins, MAX(date) AS ends FROM lesson WHERE class_id = ?'),
    ask<{ id: string; name: string; number: string; active: number }>(
      'SELECT id, name, number, active FROM student WHERE class_id = ? ORDER BY name',
    ),
    manager.query(
      "SELECT id, name FROM person WHERE active AND role IN ('lead', 'assistant') ORDER BY role DESC, name LIMIT 200",
    ) as Promise<{ id: string; name: string }[]>,
    ask<ToldRow>(
      `SELECT a.id, a.student_id AS studentId, a.lesson_id AS lessonId, a.dish_edition_id AS dishEditionId, a.told, edition.title,
         lesson.title AS lesson, lesson.date
       FROM lesson JOIN assessment a ON a.lesson_id = lesson.id JOIN dish_edition edition ON edition.id = a.dish_edition_id
       WHERE lesson.class_id = ? AND lesson.released_at IS NOT NULL AND a.told IS NOT NULL ORDER BY lesson.date, a.id`,
    ),
  ]);
  const today = new Date().toISOString().slice(0, 10);
  const marked = new Map(
    told.map(({ lessonId, dishEditionId, title, lesson, date }) => {
      const of = `${lessonId}-${dishEditionId}`;
      return [of, { id: of, title, lesson, date }];
    }),
  );
  return {
    school: { id: 'school', name: 'The school' },
    class: own,
    begins: span?.begins ?? today,
    ends: span?.ends ?? today,
    students: students.map((student) => ({ ...student, active: Boolean(student.active) })),
    teachers,
    marked: [...marked.values()],
    results: told.map(({ id: result, studentId, lessonId, dishEditionId, told: mark, date }) => ({
      id: result,
      of: `${lessonId}-${dishEditionId}`,
      studentId,
      told: mark,
      date,
    })),
  };
}
