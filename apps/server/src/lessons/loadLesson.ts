import type { EntityManager } from 'typeorm';
import { notFound } from '../platform/problems';
import { Lesson } from './lesson.entity';

/** A lesson with everything its screens need. @throws ProblemException when there is none of this id */
export async function loadLesson(manager: EntityManager, id: string): Promise<Lesson> {
  const lesson = await manager.findOne(Lesson, {
    where: { id },
    relations: { class: true, inKitchen: true, dishes: { edition: true }, techniques: { technique: true }, rubricEdition: true },
  });
  if (!lesson) throw notFound('lesson');
  return lesson;
}
