import type { EntityManager } from 'typeorm';
import { grouped, RELEASED_MARKS, signsOf, trendOf } from '@pelvo/core';
import type { MySkills } from '@pelvo/contract';
import { openStored } from '../platform/database/documentColumn';
import { rubricsOfEditions } from '../rubrics';
import { dayOf, namesIn } from './skillsOfClass';

/** The newest that are looked at: more dishes than a student cooks in years. */
const MOST_RESULTS = 500;

interface GivenResult {
  readonly lessonId: string;
  readonly lesson: string;
  readonly date: string;
  readonly dishEditionId: string;
  readonly rubricEditionId: string;
  readonly released: string;
}

/** How a student stands with techniques and how that has gone, by what they were given: marks that changed since do not show before they are. */
export async function skillsOfStudent(manager: EntityManager, studentId: string): Promise<MySkills> {
  const results = (await manager.query(
    `SELECT a.lesson_id AS lessonId, lesson.title AS lesson, lesson.date, a.dish_edition_id AS dishEditionId, a.rubric_edition_id AS rubricEditionId, a.released
     FROM assessment a JOIN lesson ON lesson.id = a.lesson_id
     WHERE a.student_id = ? AND a.released IS NOT NULL AND lesson.released_at IS NOT NULL ORDER BY lesson.date DESC LIMIT ?`,
    [studentId, MOST_RESULTS],
  )) as GivenResult[];
  if (results.length === 0) return { techniques: [] };
  const [dishRows, taught, techniqueRows, editions] = await Promise.all([
    manager.query('SELECT id, technique_ids AS techniqueIds FROM dish_edition WHERE id IN (?)', [
      results.map(({ dishEditionId }) => dishEditionId),
    ]) as Promise<{ id: string; techniqueIds: unknown }[]>,
    manager.query('SELECT lesson_id AS lessonId, technique_id AS techniqueId FROM lesson_technique WHERE lesson_id IN (?)', [
      results.map(({ lessonId }) => lessonId),
    ]) as Promise<{ lessonId: string; techniqueId: string }[]>,
    manager.query('SELECT id, name FROM technique') as Promise<{ id: string; name: string }[]>,
    rubricsOfEditions(manager, [...new Set(results.map(({ rubricEditionId }) => rubricEditionId))]),
  ]);
  const inLesson = namesIn({
    dishes: new Map(dishRows.map((dish) => [dish.id, dish])),
    taught,
    techniques: new Map(techniqueRows.map(({ id, name }) => [id, name])),
  });
  const rubrics = new Map(editions.map(({ editionId, content }) => [editionId, content]));
  const signs = results.flatMap((result) => {
    const rubric = rubrics.get(result.rubricEditionId)!;
    const { marks } = openStored(RELEASED_MARKS, result.released);
    const names = inLesson(result);
    return rubric.criteria.flatMap((criterion) =>
      signsOf(criterion, marks[criterion.key] ?? null, { rubric, inLesson: names }).map((sign) => ({
        ...sign,
        day: dayOf(result.date),
        date: result.date,
        lesson: result.lesson,
      })),
    );
  });
  return {
    techniques: [...grouped(signs, ({ technique }) => technique)]
      .map(([name, own]) => {
        const { points, way } = trendOf(own);
        const lessonOn = new Map(own.map(({ day, date, lesson }) => [day, { date, lesson }]));
        return { name, way, points: points.map(({ day, skill }) => ({ ...lessonOn.get(day)!, skill })) };
      })
      .sort((a, b) => a.name.localeCompare(b.name)),
  };
}
