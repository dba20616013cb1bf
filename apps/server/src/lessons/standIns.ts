import { In, type EntityManager } from 'typeorm';
import { demonstratedIn, furtherMakings } from '@pelvo/core';
import type { Lesson } from './lesson.entity';
import { LessonDemonstration } from './lessonDemonstration.entity';

/** Makings of components that stand ready for demonstrations: by lesson, dish and component. */
export type StandInsOfLesson = Readonly<Record<string, Readonly<Record<string, number>>>>;

/** Techniques that a stored lesson demonstrates. */
export const demonstratedOf = ({ techniques }: Pick<Lesson, 'techniques'>): ReadonlySet<string> =>
  demonstratedIn(techniques.map(({ techniqueId, purpose }) => ({ id: techniqueId, purpose })));

export async function standInsOfLessons(
  manager: EntityManager,
  lessons: readonly Lesson[],
): Promise<ReadonlyMap<string, StandInsOfLesson>> {
  const rows = await manager.findBy(LessonDemonstration, { lessonId: In(lessons.map(({ id }) => id)) });
  return new Map(
    lessons.map((lesson) => {
      const own = rows.filter(({ lessonId }) => lessonId === lesson.id);
      const further = own.flatMap(({ dishId, content }) => {
        const dish = lesson.dishes.find(({ edition }) => edition.dishId === dishId);
        const makings = dish ? furtherMakings(dish.edition.content, content, demonstratedOf(lesson)) : new Map<string, number>();
        return makings.size > 0 ? [[dishId, Object.fromEntries(makings)] as const] : [];
      });
      return [lesson.id, Object.fromEntries(further)];
    }),
  );
}
