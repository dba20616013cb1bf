import { grouped } from '@pelvo/core';
import { In, type EntityManager } from 'typeorm';
import { LESSONS_SHOWN, type Course } from '@pelvo/contract';
import { Absence, CookeryClass, Student } from '../classes';
import { carriedPractice, Lesson } from '../lessons';
import { parsedJson } from '../platform/database/documentColumn';
import { notFound } from '../platform/problems';

/** What a class has been taught and will be. @throws ProblemException when there is no such class */
export async function courseOf(manager: EntityManager, id: string): Promise<Course> {
  if (!(await manager.existsBy(CookeryClass, { id }))) throw notFound('class');
  const [students, lessons, carried] = await Promise.all([
    manager.find(Student, { where: { classId: id, active: true }, order: { name: 'ASC' } }),
    manager.find(Lesson, {
      where: { classId: id },
      relations: { techniques: true },
      order: { date: 'DESC', start: 'DESC' },
      take: LESSONS_SHOWN,
    }),
    manager.query(
      `SELECT facet.value AS techniqueId, COUNT(*) AS dishes FROM dish_facet facet JOIN dish ON dish.id = facet.dish_id AND dish.archived = FALSE
       WHERE facet.kind = 'technique' GROUP BY facet.value`,
    ) as Promise<{ techniqueId: string; dishes: string }[]>,
  ]);
  lessons.reverse();
  const inPassing = await inPassingOf(
    manager,
    lessons.map((lesson) => lesson.id),
  );
  const absences =
    students.length === 0 || lessons.length === 0
      ? []
      : await manager.findBy(Absence, {
          studentId: In(students.map((student) => student.id)),
          date: In(lessons.map(({ date }) => date)),
        });
  return {
    classId: id,
    students: students.map(({ id: studentId, name }) => ({ id: studentId, name })),
    lessons: lessons.map((lesson) => ({
      id: lesson.id,
      title: lesson.title,
      date: lesson.date,
      techniques: [...lesson.techniques]
        .sort((a, b) => a.position - b.position)
        .map(({ techniqueId, purpose }) => ({ id: techniqueId, purpose })),
      inPassing: inPassing.get(lesson.id) ?? [],
      absent: absences.filter(({ date }) => date === lesson.date).map(({ studentId }) => studentId),
    })),
    dishes: Object.fromEntries(carried.map(({ techniqueId, dishes }) => [techniqueId, Number(dishes)])),
  };
}

/** Techniques that the dishes of lessons exercise: a stage that is made in an earlier lesson where it is made, not where it is plated. */
async function inPassingOf(manager: EntityManager, lessonIds: readonly string[]): Promise<ReadonlyMap<string, readonly string[]>> {
  if (lessonIds.length === 0) return new Map();
  const [rows, carried] = await Promise.all([
    manager.query(
      `SELECT lesson_dish.lesson_id AS lessonId, edition.dish_id AS dishId, edition.technique_ids AS named
       FROM lesson_dish JOIN dish_edition edition ON edition.id = lesson_dish.dish_edition_id
       WHERE lesson_dish.lesson_id IN (?) AND edition.technique_ids IS NOT NULL`,
      [lessonIds],
    ) as Promise<{ lessonId: string; dishId: string; named: unknown }[]>,
    carriedPractice(manager, lessonIds),
  ]);
  const exercised = [
    ...rows.map(({ lessonId, dishId, named }) => ({
      lessonId,
      ids: carried.find((each) => each.toLessonId === lessonId && each.dishId === dishId)?.left ?? (parsedJson(named) as readonly string[]),
    })),
    ...carried.map(({ fromLessonId, techniqueIds }) => ({ lessonId: fromLessonId, ids: techniqueIds })),
  ];
  return new Map([...grouped(exercised, ({ lessonId }) => lessonId)].map(([id, own]) => [id, [...new Set(own.flatMap(({ ids }) => ids))]]));
}
